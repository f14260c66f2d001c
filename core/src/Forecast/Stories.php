<?php

declare(strict_types=1);

namespace Regimen\Forecast;

/**
 * A chain of reasons told in few lines: steps of one build and one part of the work that follow each other are one story;
 * where there are still too many, the smallest neighbours of one build are told together.
 */
final class Stories
{
    /** So many lines at the most before anything is opened. */
    public const LINES = 12;

    /** So many lines next to the finish stay apart as long as there are others. */
    private const NEAREST = 4;

    /**
     * @param  list<array{string, string}>  $steps  the build and the part of the work of each, in the order of the chain
     * @return list<array{int, int}> first and last step of each story
     */
    public static function of(array $steps): array
    {
        $stories = [];
        foreach ($steps as $at => $step) {
            $last = count($stories) - 1;
            if ($last >= 0 && $steps[$stories[$last][0]] === $step) {
                $stories[$last] = [$stories[$last][0], $at];
            } else {
                $stories[] = [$at, $at];
            }
        }
        while (count($stories) > self::LINES) {
            $best = self::smallest($steps, $stories);
            array_splice($stories, $best, 2, [[$stories[$best][0], $stories[$best + 1][1]]]);
        }

        return $stories;
    }

    /**
     * The two neighbours that tell least together, of one build if there are any.
     *
     * @param  list<array{string, string}>  $steps
     * @param  list<array{int, int}>  $stories
     */
    private static function smallest(array $steps, array $stories): int
    {
        $best = 0;
        $least = [true, true, PHP_INT_MAX];
        // What is nearest to the finish is told last together with others: it is what one asks for.
        for ($at = count($stories) - 2; $at >= 0; $at--) {
            $isOther = $steps[$stories[$at][1]][0] !== $steps[$stories[$at + 1][0]][0];
            $size = [$isOther, $at < self::NEAREST, $stories[$at + 1][1] - $stories[$at][0]];
            if ($size < $least) {
                [$best, $least] = [$at, $size];
            }
        }

        return $best;
    }
}
