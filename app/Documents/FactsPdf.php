<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\House\Shop;
use App\Pages\Delivery\FactsProps;
use App\Support\Clock;
use App\Support\PhotographFiles;
use App\Support\Say;

/** What a finished instrument is, and how it is looked after, on paper for its owner. */
final readonly class FactsPdf
{
    private const NAME = 62.0;

    private const KNOWN = 24.0;

    /** Two photographs beside each other, as wide as the sheet. */
    private const PICTURES = 4;

    public function __construct(private PhotographFiles $files, private Clock $clock)
    {
    }

    /** @param  list<string>  $photographs  their SHA-256, those for the client */
    public function of(FactsProps $facts, array $photographs, Paper $paper): string
    {
        $canvas = new Canvas("{$facts->title}, No. {$facts->build}", $paper, 'P', $this->clock->now()->getTimestamp());
        $flow = new Flow($canvas, $paper, "{$facts->title}, No. {$facts->build}", Shop::current()->name);
        $flow->title("{$facts->title}, No. {$facts->build}");
        $flow->sentence(ucfirst($facts->inOneLine).'. '.($facts->finished ? '' : $facts->missing));
        foreach ($facts->groups as $group) {
            $flow->heading($group->name);
            foreach ($group->facts as $fact) {
                $words = $canvas->wrapped($fact->value, Columns::TEXT, $flow->right() - Flow::LEFT - self::NAME - self::KNOWN);
                $flow->room(Flow::LINE * count($words));
                $canvas->words($fact->what, Flow::LEFT, $flow->y, Columns::TEXT);
                $canvas->words($fact->known, $flow->right(), $flow->y, Columns::TEXT, 'end');
                foreach ($words as $one) {
                    $canvas->words($one, Flow::LEFT + self::NAME, $flow->y, Columns::TEXT);
                    $flow->y += Flow::LINE;
                }
            }
        }
        $this->pictures($flow, $photographs);
        $flow->next();
        $flow->title('How to look after it');
        foreach ($facts->care as $care) {
            $flow->heading($care->heading);
            foreach ($care->sentences as $sentence) {
                $flow->sentence($sentence);
            }
        }
        $flow->sentence('Common practice; the data sheet of what it was finished with comes first. '.Say::dayAndYear($this->clock->now()->toDateString()).'.');

        return $canvas->output();
    }

    /** @param  list<string>  $photographs */
    private function pictures(Flow $flow, array $photographs): void
    {
        $wide = ($flow->right() - Flow::LEFT - 4.0) / 2;
        $there = array_values(array_filter($photographs, fn (string $sha): bool => is_file($this->files->file($sha, true))));
        foreach (array_chunk(array_slice($there, 0, self::PICTURES), 2) as $pair) {
            $high = 0.0;
            foreach ($pair as $sha) {
                [$width, $height] = getimagesize($this->files->file($sha, true)) ?: [4, 3];
                $high = max($high, $wide * $height / $width);
            }
            $flow->room($high + 6);
            foreach ($pair as $at => $sha) {
                $flow->canvas->pdf->Image($this->files->file($sha, true), Flow::LEFT + $at * ($wide + 4.0), $flow->y, $wide, 0, 'JPG');
            }
            $flow->y += $high + 4;
        }
    }
}
