<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use App\Support\Refused;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;
use Regimen\Stores\Blank;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Turn;
use Regimen\Stores\Yields;
use Regimen\Units\Words;

/** A cutting plan as it is asked for: looked for with a fixed number of tries, better ones in the queue, or laid by hand. */
final readonly class Cutting
{
    /** A page looks so often; what the queue has found by then is taken instead. */
    public const TRIES = 100;

    /** Nobody cuts more from so many boards in one go. */
    public const MOST_BOARDS = 12;

    public const MOST_NEEDS = 40;

    /** Where nothing is chosen. */
    private const USUALLY = 12;

    private const DAYS_KEPT = 7;

    public function __construct(private OpenNeeds $needs)
    {
    }

    public function table(CuttingAsked $asked): CutTable
    {
        $boards = Board::query()->there()->with('defects')->whereIn('id', $asked->boards)->orderBy('id')->get();
        $open = $this->needs->all();
        $chosen = $asked->needs === null
            ? self::usual($boards, $open)
            : array_values(array_filter($open, static fn (array $one): bool => in_array(CutTable::key(...$one), $asked->needs, true)));

        return CutTable::of($boards, $chosen, $open);
    }

    /**
     * What the boards are best for; small pieces only out of offcuts, where nothing else is to be cut from them.
     *
     * @param  Collection<int, Board>  $boards
     * @param  list<array{Build, Blank}>  $open
     * @return list<array{Build, Blank}>
     */
    private static function usual(Collection $boards, array $open): array
    {
        $best = array_filter($open, static fn (array $one): bool => $boards->contains(static fn (Board $board): bool => self::isBestFor($board, $one[1]) && (! $one[1]->kind->isSmall() || $board->lot_id !== null)));
        $large = array_filter($best, static fn (array $one): bool => ! $one[1]->kind->isSmall());

        return array_slice(array_values($large === [] ? $best : $large), 0, self::USUALLY);
    }

    /** Whether a board serves it without being planed away: one of more than twice its thickness is resawn for it only when that is asked for. */
    public static function isBestFor(Board $board, Blank $blank): bool
    {
        return Yields::of($board->rough(), $board->species, $blank)->times > 0 && ($blank->isSliced || $blank->leavesOf($board->thickness_tenths / 10) < $blank->thickness);
    }

    /** @return list<array{Build, Blank}> every need that one of the boards could serve, chosen or not */
    public static function possible(CutTable $table): array
    {
        return array_values(array_filter($table->open, static fn (array $one): bool => $table->boards->contains(
            static fn (Board $board): bool => Yields::of($board->rough(), $board->species, $one[1])->comesOutOf,
        )));
    }

    /**
     * Where the pieces lie: as somebody has laid them, as the queue has found, or as a first look finds.
     *
     * @return list<Laid>
     */
    public function laid(CutTable $table, CuttingAsked $asked): array
    {
        if ($asked->at === null) {
            [, $found] = $this->found($table, $asked->mayTurn);
            $laid = $found === null ? null : self::read($table, $found);

            return $laid ?? $table->search(self::TRIES, $asked->mayTurn)->laid;
        }

        return self::read($table, $asked->at) ?? throw Refused::because('What was laid is not open any more: somebody cut it, or its specification has changed. Look at the plan again.', 'boards');
    }

    /**
     * What longer looking has found for the same boards and needs.
     *
     * @return array{int, list<string>|null} after how many tries, and the places
     */
    public function found(CutTable $table, bool $mayTurn): array
    {
        $kept = Cache::get(self::sign($table, $mayTurn));

        return is_array($kept) && is_int($kept[0] ?? null) && is_array($kept[1] ?? null) ? [$kept[0], array_values(array_filter($kept[1], is_string(...)))] : [self::TRIES, null];
    }

    /** More tries: ten times as many as were made before. */
    public function lookLonger(CutTable $table, bool $mayTurn): void
    {
        [$tries] = $this->found($table, $mayTurn);
        $tries = min(10 * $tries, 100 * self::TRIES);
        Cache::put(self::sign($table, $mayTurn), [$tries, self::written($table, $table->search($tries, $mayTurn)->laid)], self::DAYS_KEPT * 86_400);
    }

    /**
     * @param  list<Laid>  $laid
     * @return list<string>
     */
    public static function written(CutTable $table, array $laid): array
    {
        return array_map(static fn (Laid $one): string => implode('|', [
            CutTable::key(...$table->needs[$one->wanted]), $one->face, Words::plain(round($one->area->from, 1)), Words::plain(round($one->area->across, 1)), $one->turn->value,
        ]), $laid);
    }

    /**
     * @param  list<string>  $at
     * @return list<Laid>|null where a piece or a board is not open any more
     */
    private static function read(CutTable $table, array $at): ?array
    {
        $numbers = array_flip(array_map(static fn (array $one): string => CutTable::key(...$one), $table->needs));
        $laid = [];
        foreach ($at as $one) {
            [$key, $board, $from, $across, $turn] = [...explode('|', $one), '', '', '', ''];
            $number = $numbers[$key] ?? null;
            $turn = Turn::tryFrom($turn);
            if ($number === null || $turn === null || ! isset($table->faces()[(int) $board]) || ! is_numeric($from) || ! is_numeric($across)) {
                return null;
            }
            $wanted = $table->wanted($number);
            [$length, $width] = $turn === Turn::Across ? [$wanted->width, $wanted->length] : [$wanted->length, $wanted->width];
            $laid[] = new Laid($number, (int) $board, new Area((float) $from, (float) $across, $length, $width), $turn);
        }

        return $laid;
    }

    private static function sign(CutTable $table, bool $mayTurn): string
    {
        $needs = array_map(static fn (array $one): array => [CutTable::key(...$one), $one[1]->length, $one[1]->width, $one[1]->thickness, $one[1]->pieces, $one[1]->line], $table->needs);

        return 'cutting.'.hash('xxh128', serialize([$needs, $table->faces(), $mayTurn]));
    }
}
