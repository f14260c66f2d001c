<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Length;

/** What cannot be built as it is written: bounds of the single figures and contradictions between them. */
final class SpecificationCheck
{
    /** Thinnest and thickest body that is usual, in mm; common practice. */
    private const BODY_MM = [25.0, 70.0];

    /** Shallowest and deepest box that is usual, in mm; common practice. */
    private const BOX_MM = [40.0, 160.0];

    /** The longest headpiece and the shortest headstock, in mm; common practice. */
    private const HEADPIECE_MOST = 60.0;

    /** @return array<string, string> field => what is wrong and what would be right; empty when all is well */
    public static function problems(Specification $specification): array
    {
        return array_filter([
            'scale' => self::scale($specification),
            'scaleTreble' => self::fan($specification),
            ...self::head($specification),
            'squareFret' => $specification->board->scaleTreble !== null && $specification->board->squareFret > $specification->board->frets
                ? "Fret {$specification->board->squareFret} lies beyond a board with {$specification->board->frets}: choose one on it, or 0 for the nut." : null,
            'nutWidth' => self::nut($specification),
            'boardLength' => self::board($specification),
            'body' => $specification->isHollow() && ! $specification->isLayered()
                ? 'Chambers have to be closed: add a top as a second layer, or make the body solid.' : null,
            ...self::layers($specification),
            ...self::lists($specification),
            ...self::stringSet($specification),
            'stringMaterial' => $specification->isNylon() && $specification->brief->type === InstrumentType::Bass
                ? 'What nylon strings of a bass weigh is not known here, so nothing could be said of their pull: string it with steel, or call it a guitar.' : null,
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

    private static function fan(Specification $s): ?string
    {
        $treble = $s->board->scaleTreble;
        [$shortest, $longest] = $s->brief->type->scaleRange();

        return match (true) {
            $treble === null => null,
            $treble->mm > $s->board->scale->mm => "The treble side’s {$treble->inMillimetres()} is longer than the bass side’s {$s->board->scale->inMillimetres()}: the scales are the wrong way round.",
            $treble->mm < $shortest || $treble->mm > $longest => "{$treble->inMillimetres()} is no {$s->brief->type->value} scale; it runs from {$shortest} to {$longest} mm.",
            default => null,
        };
    }

    /** @return array<string, string|null> */
    private static function head(Specification $s): array
    {
        $isHeadless = ! $s->head->headstock->hasPosts();
        $atBridge = $s->head->tuners === TunerPlace::Bridge;

        return [
            'tuners' => match (true) {
                $isHeadless && ! $atBridge => 'A headless neck carries no tuners: its strings are clamped behind the nut and tuned at the bridge.',
                $atBridge && ! $isHeadless => 'Strings that are tuned at the bridge need no headstock: make the neck headless, or set the tuners on it.',
                default => null,
            },
            'headstock' => $isHeadless && $s->head->posts !== [] ? 'A headless neck has no posts, and '.count($s->head->posts).' are drawn: clear them, or take a headstock.' : null,
            'headLength' => match (true) {
                $isHeadless && $s->head->headLength->mm > self::HEADPIECE_MOST => "A headpiece is up to 60 mm long; {$s->head->headLength->inMillimetres()} is a headstock.",
                ! $isHeadless && $s->head->headLength->mm < self::HEADPIECE_MOST => "No tuners fit on a headstock of {$s->head->headLength->inMillimetres()}; 60 mm is the least.",
                default => null,
            },
        ];
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
            return $s->board->boardLength->mm < $s->middleScale()->mm
                ? null
                : 'A board as long as the scale would reach the bridge.';
        }

        return sprintf(
            'Fret %d of a %s scale lies at %s; a board of %s ends after fret %d. Lengthen the board or take fewer '
                .'frets.',
            $s->board->frets, $s->middleScale()->inMillimetres(), $s->frets()->last()->inMillimetres(),
            $s->board->boardLength->inMillimetres(), $fits,
        );
    }

    /** @return array<string, string|null> */
    private static function layers(Specification $s): array
    {
        if ($s->isBox()) {
            return self::box($s);
        }
        [$thin, $thick] = self::BODY_MM;
        $body = $s->bodyThickness();

        return ['layers' => $body->mm >= $thin && $body->mm <= $thick ? null
            : "The layers add up to {$body->inMillimetres()}; a body is {$thin} to {$thick} mm thick."];
    }

    /** @return array<string, string|null> */
    private static function box(Specification $s): array
    {
        $box = $s->box;
        [$least, $most] = self::BOX_MM;
        $plates = $s->bodywork->layers[0]->thickness->plus($box->backThickness);
        $outside = static fn (string $where, Length $depth): ?string => match (true) {
            $depth->mm <= $plates->mm => "A box {$depth->inMillimetres()} deep at the {$where} has no room between its plates, which are {$plates->inMillimetres()} together.",
            $depth->mm < $least || $depth->mm > $most => "{$depth->inMillimetres()} is no depth of a box at the {$where}; between {$least} and {$most} mm is.",
            default => null,
        };

        return [
            'layers' => $plates->mm >= min($box->boxDepthTail->mm, $box->boxDepthNeck->mm) ? "Top and back are {$plates->inMillimetres()} together, thicker than the sides are high." : null,
            'boxDepthTail' => $outside('tail', $box->boxDepthTail), 'boxDepthNeck' => $outside('neck', $box->boxDepthNeck),
            'braces' => $box->bracing === BracingPattern::Drawn && $box->braces === [] ? 'Draw the braces, or take a pattern by its name.' : null,
        ];
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
