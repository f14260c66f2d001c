<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Pages\Compare\ComparedRow;
use App\Pages\Compare\FindingsChanged;
use App\Pages\Compare\RouteComparison;
use App\Pages\Worked\Change;
use App\Planning\House\House;
use App\Planning\Route\Draft;
use App\Planning\Specification\Judgement;
use App\Planning\Specification\Revisions;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Revision\Comparison;
use Regimen\Revision\RevisedValue;
use Regimen\Route\Link;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;

/** What differs between two ways of building an instrument: figures, findings and risks. */
final readonly class ComparedRoutes
{
    public function __construct(private Revisions $revisions, private House $house)
    {
    }

    /** @param  list<ComparedRow>  $rows  how much of everything */
    public function differences(
        array $rows,
        Build $build,
        ReadSpecification $read,
        ReadSpecification $otherRead,
        Draft $today,
        Draft $other,
        Methods $methods,
    ): RouteComparison {
        $findings = function (ReadSpecification $one, Draft $draft) use ($build): array {
            $clashes = array_map(static fn ($clash): Finding => $clash->finding(), $draft->route->clashes);
            $judgement = Judgement::judge($build, $this->revisions->workings($one, $build), $clashes);

            return [...$judgement->open(Severity::Stop), ...$judgement->open(Severity::Warn)];
        };
        $titles = static fn (array $all): array => array_map(
            static fn (Finding $finding): string => "{$finding->title}: {$finding->figures}",
            $all,
        );
        $was = $titles($findings($read, $today));
        $is = $titles($findings($otherRead, $other));
        $fit = $this->house->fit();

        return new RouteComparison(
            problems: [],
            rows: $rows,
            operations: array_map(
                static fn (RevisedValue $change): Change => new Change(
                    name: $change->name,
                    before: $change->before,
                    after: $change->after,
                ),
                Comparison::operations($today->route, $other->route),
            ),
            risks: array_values(
                array_unique(
                    [...array_values($fit->problems($other->route)), ...self::risks($today, $other, $methods)],
                ),
            ),
            findings: new FindingsChanged(new: array_values(array_diff($is, $was)), gone: array_values(array_diff($was, $is))),
        );
    }

    /** @return list<string> what another way can go wrong with, in words */
    private static function risks(Draft $today, Draft $other, Methods $methods): array
    {
        $risks = [];
        foreach ($other->route->operations as $operation) {
            if (
                $operation->standard->risk !== ''
                && $operation->standard->tool !== $today->route->find($operation->key)?->standard->tool
            ) {
                $risks[] = ucfirst($operation->name).", {$operation->standard->way}: {$operation->standard->risk}";
            }
        }
        $known = array_map(static fn (Link $link): string => $link->spoils, $today->route->links);
        $spoiled = [];
        foreach ($other->route->links as $link) {
            if ($link->spoils !== '' && ! in_array($link->spoils, $known, true)) {
                $spoiled[$link->spoils] ??= ucfirst($other->route->find($link->after)->name ?? '')
                    .', if something is forgotten before: '.lcfirst($link->spoils);
            }
        }
        $risks = [...$risks, ...array_values($spoiled)];
        foreach (Question::cases() as $question) {
            $risks = $methods->isUsual($question) || ! $question->arisesFor($other->specification) ? $risks : [
                ...$risks,
                "{$question->words()} ".($question->choice($methods->answer($question))->words ?? '').': '
                    .($question->choice($methods->answer($question))->follows ?? ''),
            ];
        }

        return $risks;
    }
}
