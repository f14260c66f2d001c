<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Stores\Blank;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\CuttingPlan;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Layout;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\Outline;
use Regimen\Stores\Cutting\Wanted;
use Regimen\Stores\Yields;

/** Boards and what is to be cut from them, laid side by side for the core. */
final readonly class CutTable
{
    /** Every plan is looked for from the same draw. */
    private const SEED = 20;

    /**
     * @param  Collection<int, Board>  $boards  by number, with their defects
     * @param  array<int, array{Build, Blank}>  $needs
     * @param  array<int, Face>  $faces  by the board's number
     * @param  array<int, Wanted>  $wanted  by the same keys as the needs
     * @param  list<array{Build, Blank}>  $open  all that is still to be cut, chosen or not
     */
    private function __construct(public Collection $boards, public array $needs, private array $faces, private array $wanted, public array $open)
    {
    }

    /**
     * @param  Collection<int, Board>  $boards  with their defects
     * @param  list<array{Build, Blank}>  $needs  that are to be cut from them
     * @param  list<array{Build, Blank}>  $open  all that is still to be cut
     */
    public static function of(Collection $boards, array $needs, array $open): self
    {
        $faces = $wanted = [];
        foreach ($boards as $board) {
            $faces[$board->id] = self::face($board);
        }
        foreach ($needs as $number => [, $blank]) {
            $of = $boards->filter(static fn (Board $one): bool => Yields::of($one->rough(), $one->species, $blank)->comesOutOf)->modelKeys();
            $wanted[$number] = new Wanted($number, Outline::tenths($blank->length), Outline::tenths($blank->width), $blank->isSliced ? 1 : $blank->pieces, $blank->outline(), array_values($of));
        }

        return new self($boards->keyBy('id'), $needs, $faces, $wanted, $open);
    }

    public static function face(Board $board): Face
    {
        return new Face($board->id, $board->length_tenths / 10, $board->width_tenths / 10, array_values($board->defects->map(static fn (BoardDefect $one): Area => new Area(
            $one->from_tenths / 10, $one->across_tenths / 10, $one->length_tenths / 10, $one->width_tenths / 10,
        ))->all()));
    }

    public function search(int $tries, bool $mayTurn = false): Layout
    {
        return CuttingPlan::of(array_values($this->faces), array_values($this->wanted), $tries, self::SEED, $mayTurn);
    }

    /**
     * Judged, and put into an order of cuts.
     *
     * @param  list<Laid>  $laid
     * @return list<Marked> a board each that anything lies on
     */
    public function marked(array $laid): array
    {
        $marked = [];
        foreach ($this->faces as $number => $face) {
            $on = array_values(array_filter($laid, static fn (Laid $one): bool => $one->face === $number));
            if ($on !== []) {
                $marked[] = Marked::of($face, $on, $this->wanted, array_map(self::words(...), $this->needs));
            }
        }

        return $marked;
    }

    /**
     * What is not laid with all of its pieces.
     *
     * @param  list<Laid>  $laid
     * @return list<string> in words
     */
    public function without(array $laid): array
    {
        $count = array_count_values(array_map(static fn (Laid $one): int => $one->wanted, $laid));
        $without = array_filter($this->wanted, static fn (Wanted $one): bool => ($count[$one->number] ?? 0) < $one->pieces);

        return array_values(array_map(fn (Wanted $one): string => self::words($this->needs[$one->number]).match (true) {
            $one->faces === [] => ': no board that was chosen is of its timber and thick enough',
            ($count[$one->number] ?? 0) > 0 => ': not all of its pieces',
            default => '',
        }, $without));
    }

    public function wanted(int $number): Wanted
    {
        return $this->wanted[$number];
    }

    /** @return array<int, Face> by the board's number */
    public function faces(): array
    {
        return $this->faces;
    }

    /** The key under which a need stands in an address: `41:top.0`. */
    public static function key(Build $build, Blank $blank): string
    {
        return "{$build->number}:{$blank->key()}";
    }

    /** @param  array{Build, Blank}  $need */
    public static function words(array $need): string
    {
        return "{$need[0]->number} {$need[1]->kind->value}";
    }
}
