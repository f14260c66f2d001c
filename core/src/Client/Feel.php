<?php

declare(strict_types=1);

namespace Regimen\Client;

use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Words;

/** From what a player says to figures: each wish moves some, and wishes that pull at the same figure from two sides are named. Common practice throughout. */
final readonly class Feel
{
    /** What is said of six strings and of magnets under them. */
    private const OF_GUITARS = ['gauges', 'pickups'];

    /**
     * @param  list<Proposal>  $proposals  in the order of a specification
     * @param  list<string>  $contradictions  in a sentence each
     */
    private function __construct(public array $proposals, public array $contradictions)
    {
    }

    /**
     * @param  list<Wish>  $wishes
     * @param  string  $type  of instrument: what is usual is that of its kind
     */
    public static function of(array $wishes, string $type): self
    {
        $usual = SpecificationReader::read(['type' => $type]);
        $pulls = [];
        foreach ($wishes as $wish) {
            foreach ($wish->moves() as $move) {
                $pulls[$move->field][] = [$wish, $move];
            }
        }
        $proposals = $contradictions = [];
        foreach (SpecificationFields::all() as $key => $field) {
            if (! isset($pulls[$key]) || (! isset($usual->values[$key]) && $field->kind === FieldKind::Length) || ($type !== 'guitar' && in_array($key, self::OF_GUITARS, true))) {
                continue;
            }
            [$typed, $moves, $contradiction] = self::settled($pulls[$key], $usual, $key);
            $contradiction === '' || $contradictions[] = "{$field->label}: {$contradiction}";
            if ($typed !== null) {
                $proposals[] = new Proposal(
                    $key, $field->label, $typed, is_array($typed) ? self::pickups($typed) : $typed, ucfirst(implode('; ', array_unique(array_map(static fn (Move $one): string => $one->because, $moves)))).'.',
                    ucfirst(implode('; ', array_unique(array_map(static fn (Move $one): string => $one->costs, $moves)))).'.',
                );
            }
        }

        return new self($proposals, $contradictions);
    }

    /**
     * @param  non-empty-list<array{Wish, Move}>  $pulls  at one field
     * @return array{string|list<array<string, string>>|null, list<Move>, string} what to type, by which moves, and what contradicts
     */
    private static function settled(array $pulls, ReadSpecification $usual, string $key): array
    {
        $moves = array_column($pulls, 1);
        $by = array_filter(array_map(static fn (Move $one): ?float => $one->by, $moves), static fn (?float $one): bool => $one !== null);
        if ($by !== []) {
            $isTorn = min($by) < 0 && max($by) > 0;
            // Torn from two sides it meets in the middle; pulled one way the strongest wish counts.
            $away = $isTorn ? (min($by) + max($by)) / 2 : (max($by) > 0 ? max($by) : min($by));
            $mm = $usual->values[$key]->mm + $away;
            $words = $isTorn ? self::torn($pulls, static fn (Move $one): bool => $one->by > 0, 'more', 'less') : '';

            return [abs($away) < 0.01 ? null : rtrim(rtrim(Words::number($mm, 2), '0'), '.').' mm', $moves, $words];
        }
        $different = array_values(array_unique(array_map(static fn (Move $one): string => $one->to, $moves)));
        $first = $moves[0];
        $words = count($different) === 1 ? '' : self::torn($pulls, static fn (Move $one): bool => $one->to === $first->to, $different[0], $different[1]);
        $kept = array_values(array_filter($moves, static fn (Move $one): bool => $one->to === $first->to));

        return [$key === 'pickups' ? [['place' => 'neck', 'kind' => $first->to], ['place' => 'bridge', 'kind' => $first->to]] : $first->to, $kept, $words];
    }

    /**
     * @param  non-empty-list<array{Wish, Move}>  $pulls
     * @param  callable(Move): bool  $isOne
     */
    private static function torn(array $pulls, callable $isOne, string $one, string $other): string
    {
        $names = static fn (bool $is): string => implode(' and ', array_map(static fn (array $pull): string => "who {$pull[0]->words()}", array_filter($pulls, static fn (array $pull): bool => $isOne($pull[1]) === $is)));

        return "{$names(true)} wants {$one}, {$names(false)} wants {$other}. Ask which matters more.";
    }

    /** @param  list<array<string, string>>  $rows */
    private static function pickups(array $rows): string
    {
        return implode(', ', array_map(static fn (array $row): string => "{$row['place']} {$row['kind']}", $rows));
    }
}
