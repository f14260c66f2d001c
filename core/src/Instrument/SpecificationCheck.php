<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Body\BodyConstruction;

/** What cannot be built as it is written: bounds of the single figures and contradictions between them. */
final class SpecificationCheck
{
    /** Thinnest and thickest body that is usual, in mm; common practice. */
    private const BODY_MM = [25.0, 70.0];

    /** A flat-top's layers are its top and its box. */
    private const BOX_MM = [50.0, 160.0];

    /** @return array<string, string> field => what is wrong and what would be right; empty when all is well */
    public static function problems(Specification $specification): array
    {
        return array_filter([
            'scale' => self::scale($specification),
            'nutWidth' => self::nut($specification),
            'boardLength' => self::board($specification),
            'body' => $specification->isHollow() && ! $specification->isLayered()
                ? 'Chambers have to be closed: add a top as a second layer, or make the body solid.' : null,
            ...self::layers($specification),
            ...self::lists($specification),
            ...self::stringSet($specification),
            'joinFret' => $specification->joinery->joinFret > $specification->board->frets + 2
                ? "The body cannot begin at fret {$specification->joinery->joinFret} of a board with "
                    ."{$specification->board->frets}."
                : null,
            'bridgeMost' => $specification->bridgework->bridgeMost->mm <= $specification->bridgework->bridgeLeast->mm
                ? 'The highest position of the saddles has to be above their lowest.' : null,
            'thicknessFirst' => $specification->neck->thicknessFirst->mm <= $specification->board->boardThickness->mm
                ? "A neck of {$specification->neck->thicknessFirst->inMillimetres()} has no timber under a board of "
                    ."{$specification->board->boardThickness->inMillimetres()}."
                : null,
            'lastWidth' => $specification->board->lastWidth->mm < 0.8 * $specification->board->nutWidth->mm
                ? 'A board does not narrow towards the body like this; check the width at the last fret.' : null,
        ]);
    }

    private static function scale(Specification $s): ?string
    {
        [$shortest, $longest] = $s->brief->type->scaleRange();
        if ($s->board->scale->mm >= $shortest && $s->board->scale->mm <= $longest) {
            return null;
        }
        $asInches = $s->board->scale->mm * 25.4;
        $hint = $asInches >= $shortest && $asInches <= $longest
            ? ' Did you mean '.round($s->board->scale->mm, 4).' in?'
            : '';

        return "{$s->board->scale->inMillimetres()} is no {$s->brief->type->value} scale; it runs from {$shortest} to "
            ."{$longest} mm.{$hint}";
    }

    private static function nut(Specification $s): ?string
    {
        [$narrowest, $widest] = $s->brief->type->nutRange($s->brief->strings);

        return $s->board->nutWidth->mm >= $narrowest && $s->board->nutWidth->mm <= $widest ? null
            : "{$s->board->nutWidth->inMillimetres()} is no nut width for {$s->brief->strings} strings; between "
                ."{$narrowest} and {$widest} mm is.";
    }

    private static function board(Specification $s): ?string
    {
        $fits = $s->frets()->countWithin($s->board->boardLength);
        if ($fits >= $s->board->frets) {
            return $s->board->boardLength->mm < $s->board->scale->mm
                ? null
                : 'A board as long as the scale would reach the bridge.';
        }

        return sprintf(
            'Fret %d of a %s scale lies at %s; a board of %s ends after fret %d. Lengthen the board or take fewer '
                .'frets.',
            $s->board->frets, $s->board->scale->inMillimetres(), $s->frets()->last()->inMillimetres(),
            $s->board->boardLength->inMillimetres(), $fits,
        );
    }

    /** @return array<string, string|null> */
    private static function layers(Specification $s): array
    {
        [$thin, $thick] = $s->bodywork->body === BodyConstruction::FlatTop ? self::BOX_MM : self::BODY_MM;
        $body = $s->bodyThickness();

        return ['layers' => $body->mm >= $thin && $body->mm <= $thick ? null
            : "The layers add up to {$body->inMillimetres()}; a body is {$thin} to {$thick} mm thick."];
    }

    /**
     * Lists that go with the strings have one entry for each.
     *
     * @return array<string, string|null>
     */
    private static function lists(Specification $s): array
    {
        $count = $s->brief->strings;
        $lists = [
            'gauges' => $s->stringing->gauges, 'tuning' => $s->stringing->tuning,
            'unitMasses' => $s->stringing->unitMasses, 'posts' => $s->head->posts,
        ];

        return array_map(
            static fn (array $list): ?string => $list === [] || count($list) === $count
                ? null
                : "There are {$count} strings and ".count($list).' entries here; write one for each, treble first.',
            $lists,
        );
    }

    /** @return array<string, string|null> */
    private static function stringSet(Specification $s): array
    {
        $words = "No usual set for {$s->brief->strings} strings is known here; write them, treble first.";

        return array_filter([
            'gauges' => $s->stringing->gauges === [] ? $words : null,
            'tuning' => $s->stringing->tuning === [] ? $words : null,
        ]);
    }
}
