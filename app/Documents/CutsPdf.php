<?php

declare(strict_types=1);

namespace App\Documents;

use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Drawing\View;

/** A cutting plan on paper: each board 1:20 (a longer one 1:50), with the order of its cuts. */
final class CutsPdf
{
    /** @param  list<array{View, list<string>}>  $boards  drawn 1:20, and the cuts in words */
    public static function write(array $boards, Paper $paper, int $stamp): string
    {
        $canvas = new Canvas('Cutting plan', $paper, 'P', $stamp);
        $flow = new Flow($canvas, $paper, 'Cutting plan', Say::dayAndYear(CarbonImmutable::createFromTimestampUTC($stamp)->toDateString()));
        $flow->title('Cutting plan');
        $flow->sentence('Measured from the left end and from the upper edge of the board as it was drawn. The saw takes its 2.5 mm behind the line. Eyes, ears, dust: the saw’s manual and local rules decide.');
        foreach ($boards as [$view, $cuts]) {
            $room = $flow->right() - Flow::LEFT;
            $scale = $view->along()->length() > $room ? 0.4 : 1.0;
            $height = $view->across()->length() * $scale;
            $flow->heading(ucfirst($view->title).($scale < 1 ? ', 1:50' : ', 1:20'), $height + 24);
            $canvas->draw($view, Flow::LEFT - $view->along()->from * $scale, $flow->y - $view->across()->from * $scale, $scale);
            $flow->y += $height + 7;
            foreach ($cuts as $number => $words) {
                $flow->sentence(($number + 1).'. '.$words);
            }
        }

        return $canvas->output();
    }
}
