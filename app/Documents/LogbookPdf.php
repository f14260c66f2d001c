<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\Logbook\LogbookDay;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** Entries of the logbook on paper, day by day; what was corrected later stands with its correction. */
final readonly class LogbookPdf
{
    private const TIME = 14.0;

    private const BY = 46.0;

    public function __construct(private Clock $clock)
    {
    }

    /** @param  list<LogbookDay>  $days */
    public function of(array $days, string $asked, \DateTimeZone $zone, Paper $paper): string
    {
        $canvas = new Canvas('Logbook', $paper, 'P', $this->clock->now()->getTimestamp());
        $flow = new Flow($canvas, $paper, 'Logbook'.($asked === '' ? '' : ", {$asked}"), Say::dayAndYear($this->clock->now()->setTimezone($zone)->toDateString()));
        $flow->title('Logbook'.($asked === '' ? '' : ": {$asked}"));
        $days === [] && $flow->sentence('No entry says that.');
        foreach ($days as $day) {
            $flow->heading(Say::dayAndYear($day->day));
            foreach ($day->lines as $line) {
                $text = ($line->build === null ? '' : "No. {$line->build}: ").$line->text.implode('', array_map(static fn (string $one): string => " Corrected: {$one}", $line->corrected));
                $words = $canvas->wrapped($text, Columns::TEXT, $flow->right() - Flow::LEFT - self::BY);
                $flow->room(Flow::LINE * count($words));
                $canvas->figures(CarbonImmutable::parse($line->at)->setTimezone($zone)->format('H:i'), Flow::LEFT, $flow->y, Columns::TEXT);
                $canvas->words(mb_strimwidth($line->by ?? 'Regimen', 0, 18, '…'), Flow::LEFT + self::TIME, $flow->y, Columns::TEXT);
                foreach ($words as $one) {
                    $canvas->words($one, Flow::LEFT + self::BY, $flow->y, Columns::TEXT);
                    $flow->y += Flow::LINE;
                }
                $flow->y += 0.8;
            }
        }

        return $canvas->output();
    }
}
