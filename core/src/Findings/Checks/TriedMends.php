<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Finding;
use Regimen\Findings\Mend;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\SpecificationReader;

/**
 * Tries what would mend a finding before it is offered: applied, it is accepted, ends its finding and raises no stop
 * that was not there. Where nothing of what was tried does, the finding says why.
 */
final class TriedMends
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
     * @return list<Finding> with those mends that do what they say
     */
    public static function tried(Workings $workings, array $findings): array
    {
        $tried = new self($workings, $findings);

        return array_map($tried->finding(...), $findings);
    }

    private function finding(Finding $finding): Finding
    {
        $offered = $refused = [];
        foreach ($finding->mends as $mend) {
            foreach ([$mend, ...$mend->otherwise] as $one) {
                $wrong = $this->wrong($finding, $one);
                if ($wrong === null) {
                    $offered[$one->words] ??= new Mend($one->words, $one->changes);

                    continue 2;
                }
            }
            $refused[] = '“'.$mend->words.'”: '.$this->wrong($finding, $mend);
        }
        $why = $offered !== [] || $refused === [] ? '' : 'No single fix works. '.implode(' ', $refused);

        return $finding->withMends(array_values($offered), $why);
    }

    /** Why a mend does not do; null if it does. */
    private function wrong(Finding $finding, Mend $mend): ?string
    {
        $changes = json_encode($mend->changes, JSON_THROW_ON_ERROR);
        [$keys, $stops, $problem] = $this->tried[$changes] ??= $this->attempt($mend);
        $new = array_diff_key($stops, $this->stops);

        return match (true) {
            $problem !== '' => $problem,
            in_array($finding->key, $keys, true) => 'it would not be enough.',
            $new !== [] => 'then “'.array_values($new)[0].'”.',
            default => null,
        };
    }

    /** @return array{list<string>, array<string, string>, string} */
    private function attempt(Mend $mend): array
    {
        $before = $this->workings->read;
        $read = SpecificationReader::read($mend->appliedTo($before->client, $before->house), $before->house);
        if ($read->specification === null) {
            return [[], [], array_values($read->problems)[0] ?? 'it cannot be read.'];
        }
        $findings = RuleBook::findings(Workings::from($read, $this->workings->partsCost, $this->workings->slots));

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
