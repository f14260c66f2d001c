<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 2: a lacquered board is cleared before the frets go in. */
final readonly class ClearedBeforeFretting implements RouteRule
{
    public function name(): string
    {
        return 'A lacquered board is cleared before the frets go in';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->boardIsLacquered() && $methods->is(Question::LacqueredBoard, 'cleared');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Fret,
            [FinishOperation::PolishNeck, FinishOperation::Polish, CoatStep::NeckCure, CoatStep::Cure],
            'The lacquered board is cleared and polished before the frets go in: a clean film up to every fret, and '
                .'nothing to mask.',
            'Lacquer runs over the frets and has to be scraped off each of them.',
        );
    }
}
