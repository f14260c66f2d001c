<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Pages\Cutting\CutChoice;
use App\Pages\Cutting\CuttingProps;
use App\Planning\Stores\CutTable;
use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;
use App\Support\Say;
use Regimen\Route\Standards\Caution;
use Regimen\Stores\Blank;
use Regimen\Stores\Cutting\Laid;

/** A plan for sawing: what is cut from which boards, where it lies, in which order, and what is left. */
final readonly class CuttingPage
{
    /** Boards to choose from beside those that are chosen. */
    private const OTHERS = 24;

    public function __construct(private Cutting $cutting, private MarkedBoards $marked)
    {
    }

    public function data(CuttingAsked $asked, Person $viewer): CuttingProps
    {
        $table = $this->cutting->table($asked);
        $laid = $this->cutting->laid($table, $asked);
        $lines = $this->marked->lines($table, $laid, $viewer);
        $isSound = $lines !== [] && array_filter($lines, static fn ($one): bool => array_filter($one->laid, static fn ($piece): bool => $piece->faults !== []) !== []) === [];
        $without = $table->without($laid);
        [$tries] = $this->cutting->found($table, $asked->mayTurn);

        return new CuttingProps(
            headline: self::headline($lines === [] ? 0 : count($laid), count($lines), $isSound, $asked),
            choices: self::choices($table), needs: self::needs($table), boards: $lines, without: $without, at: Cutting::written($table, $laid),
            byHand: $asked->at !== null, turned: $asked->mayTurn, sound: $isSound, tries: $tries, weak: $asked->mayTurn || $asked->at !== null || $without === [] ? '' : self::weak($table),
            cautions: [Caution::Machines->words(), Caution::Dust->words()],
        );
    }

    private static function headline(int $pieces, int $boards, bool $isSound, CuttingAsked $asked): string
    {
        return match (true) {
            $asked->boards === [] => 'Which boards are to be cut?',
            $pieces === 0 => 'Nothing that is chosen finds a place on these boards',
            ! $isSound => 'As it lies it cannot be cut',
            default => ucfirst(Say::count($pieces, 'piece', 'pieces')).' from '.Say::count($boards, 'board', 'boards'),
        };
    }

    /** What would be won across the grain, and what it is worth (TRADE section 9). */
    private static function weak(CutTable $table): string
    {
        $turned = $table->search(Cutting::TRIES, true);
        $won = array_unique(array_map(static fn (Laid $one): int => $one->wanted, $turned->across()));
        $words = implode(' and ', array_map(static fn (int $number): string => CutTable::words($table->needs[$number]), $won));

        return $won === [] ? '' : "{$words} would fit with the grain across. Weak: a long horn, a neck or a corner breaks off along the grain.";
    }

    /** @return list<CutChoice> those that are chosen, and others that what is needed could come out of */
    private static function choices(CutTable $table): array
    {
        $possible = $table->boards->isEmpty() ? $table->open : Cutting::possible($table);
        $species = array_values(array_unique(array_map(static fn (array $one): string => $one[1]->timber->name, $possible)));
        $others = Board::query()->there()->whereIn('species', $species)->whereKeyNot($table->boards->modelKeys())
            ->orderBy('species')->orderBy('id')->limit(8 * self::OTHERS)->get()
            ->filter(static fn (Board $board): bool => array_filter($possible, static fn (array $one): bool => Cutting::isBestFor($board, $one[1])) !== [])->take(self::OTHERS);

        return [
            ...$table->boards->map(static fn (Board $one): CutChoice => self::choice($one, true))->values()->all(),
            ...$others->map(static fn (Board $one): CutChoice => self::choice($one, false))->values()->all(),
        ];
    }

    private static function choice(Board $board, bool $isChosen): CutChoice
    {
        return new CutChoice((string) $board->id, $board->name(), BoardWords::size($board), $isChosen);
    }

    /** @return list<CutChoice> */
    private static function needs(CutTable $table): array
    {
        $chosen = array_map(static fn (array $one): string => CutTable::key(...$one), $table->needs);

        return array_map(static fn (array $one): CutChoice => self::need($one, $chosen), Cutting::possible($table));
    }

    /**
     * @param  array{Build, Blank}  $need
     * @param  array<int, string>  $chosen
     */
    private static function need(array $need, array $chosen): CutChoice
    {
        [$build, $blank] = $need;
        $key = CutTable::key($build, $blank);

        return new CutChoice($key, "{$build->number} {$build->title}, {$blank->kind->value}", BoardWords::blank($blank).", {$blank->timber->name}", in_array($key, $chosen, true));
    }
}
