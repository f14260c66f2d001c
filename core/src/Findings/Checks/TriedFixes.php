<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\SpecificationReader;

/**
 * Tries what would fix a finding before it is offered: applied, it is accepted, ends its finding and raises no stop
 * that was not there. Where nothing of what was tried does, the finding says why.
 */
final class TriedFixes
{
    /** @var array<string, true> */
    private readonly array $stops;

    /**
     * @var array<string, array{list<string>, array<string, string>, string}> by what is changed: keys of all findings,
     *   titles of the stops by key, the first problem
     */
    private array $tried = [];

    /** @param  list<Finding>  $findings  of the specification as it is */
    private function __construct(private readonly Workings $workings, array $findings)
    {
        $this->stops = array_map(static fn (): true => true, self::titles($findings));
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> with those fixes that do what they say
     */
    public static function tried(Workings $workings, array $findings): array
    {
        $tried = new self($workings, $findings);

        return array_map($tried->finding(...), $findings);
    }

    private function finding(Finding $finding): Finding
    {
        $offered = $refused = [];
        foreach ($finding->fixes as $fix) {
            foreach ([$fix, ...$fix->otherwise] as $one) {
                $wrong = $this->wrong($finding, $one);
                if ($wrong === null) {
                    $offered[$one->words] ??= new Fix($one->words, $one->changes);

                    continue 2;
                }
            }
            $refused[] = '“'.$fix->words.'”: '.$this->wrong($finding, $fix);
        }
        $why = $offered !== [] || $refused === [] ? '' : 'No single fix works. '.implode(' ', $refused);

        return $finding->withFixes(array_values($offered), $why);
    }

    /** Why a fix does not do; null if it does. */
    private function wrong(Finding $finding, Fix $fix): ?string
    {
        $changes = json_encode($fix->changes, JSON_THROW_ON_ERROR);
        [$keys, $stops, $problem] = $this->tried[$changes] ??= $this->attempt($fix);
        $new = array_diff_key($stops, $this->stops);

        return match (true) {
            $problem !== '' => $problem,
            in_array($finding->key, $keys, true) => 'it would not be enough.',
            $new !== [] => 'then “'.array_values($new)[0].'”.',
            default => null,
        };
    }

    /** @return array{list<string>, array<string, string>, string} */
    private function attempt(Fix $fix): array
    {
        $before = $this->workings->read;
        $read = SpecificationReader::read($fix->appliedTo($before->client, $before->house), $before->house);
        if ($read->specification === null) {
            return [[], [], array_values($read->problems)[0] ?? 'it cannot be read.'];
        }
        $findings = RuleBook::findings($this->workings->with($read));

        return [array_map(static fn (Finding $one): string => $one->key, $findings), self::titles($findings), ''];
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, string> of stops, by key
     */
    private static function titles(array $findings): array
    {
        $titles = [];
        foreach ($findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                $titles[$finding->key] = $finding->title;
            }
        }

        return $titles;
    }
}
