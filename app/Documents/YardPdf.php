<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\Stores\YardLine;
use App\Pages\Stores\YardProps;
use App\Support\Clock;
use App\Support\Say;

/** The list for the timber yard, to be taken along where there is no network. It names no price. */
final readonly class YardPdf
{
    public function __construct(private Clock $clock)
    {
    }

    public function of(YardProps $yard, Paper $paper): string
    {
        $now = $this->clock->now();
        $canvas = new Canvas('For the timber yard', $paper, 'P', $now->getTimestamp());
        $flow = new Flow($canvas, $paper, 'For the timber yard', Say::dayAndYear($now->toDateString()));
        $flow->title($yard->headline);
        $flow->sentence($yard->moisture);
        foreach ($yard->timbers as $timber) {
            $flow->heading("{$timber->name}, {$timber->feet} rough, before defects");
            if ($timber->standIns !== []) {
                $flow->sentence('Near it in weight and hardness: '.implode(', ', $timber->standIns).'.');
            }
            if ($timber->protected) {
                $flow->sentence('Protected in places (CITES): ask the seller for its papers and keep them; the authority decides what they are good for.');
            }
            foreach ($timber->lines as $line) {
                $this->line($flow, $line);
            }
        }

        return $canvas->output();
    }

    private function line(Flow $flow, YardLine $line): void
    {
        $flow->room(3 * Flow::LINE);
        $flow->box(Flow::LEFT);
        $flow->canvas->words("No. {$line->build} {$line->title}, {$line->what}".($line->cut === '' ? '' : ", {$line->cut}"), Flow::LEFT + 6, $flow->y, Columns::TEXT);
        $flow->canvas->figures(($line->pieces > 1 ? "{$line->pieces} of " : '')."{$line->metric} ({$line->inches})", $flow->right(), $flow->y, Columns::TEXT, 'end');
        $flow->y += Flow::LINE;
        $flow->sentence('Look for: '.implode('; ', $line->lookFor).'.');
    }
}
