<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use App\Models\Build\AcceptedFinding;
use App\Models\Build\Build;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Checks\TriedFixes;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;

/** What the rule book says about a build, with what has been accepted. */
final readonly class Judgement
{
    /** @param  list<array{Finding, AcceptedFinding|null}>  $findings */
    private function __construct(public array $findings)
    {
    }

    /** @param  list<Finding>  $more  of checks that know more than the specification, as the route's */
    public static function judge(?Build $build, Workings $workings, array $more = []): self
    {
        $accepted = [];
        foreach ($build === null ? [] : $build->acceptedFindings as $one) {
            $accepted["{$one->key} {$one->figures}"] = $one;
        }

        // What was accepted holds as long as its figures are the same.
        return new self(
            array_map(
                static fn (Finding $finding): array => [
                    $finding, $accepted["{$finding->key} {$finding->figures}"] ?? null,
                ],
                [...$more, ...RuleBook::findings($workings)],
            ),
        );
    }

    /** The same with fixes that were tried, for who is to press them. */
    public function withTriedFixes(Workings $workings): self
    {
        $tried = TriedFixes::tried($workings, array_column($this->findings, 0));

        return new self(
            array_map(
                static fn (array $pair, Finding $finding): array => [$finding, $pair[1]],
                $this->findings,
                $tried,
            ),
        );
    }

    /** @return list<Finding> */
    public function openStops(): array
    {
        return $this->open(Severity::Stop);
    }

    /** @return list<Finding> not accepted, of one severity */
    public function open(Severity $severity): array
    {
        return array_values(
            array_map(
                static fn (array $pair): Finding => $pair[0],
                array_filter(
                    $this->findings,
                    static fn (array $pair): bool => $pair[0]->severity === $severity && $pair[1] === null,
                ),
            ),
        );
    }

    public function find(string $key): ?Finding
    {
        foreach ($this->findings as [$finding]) {
            if ($finding->key === $key) {
                return $finding;
            }
        }

        return null;
    }
}
