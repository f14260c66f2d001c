<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use App\Models\Bench\SetUpReading;
use App\Models\Build\Build;
use Illuminate\Database\Eloquent\Collection;

/** What was read last in an instrument’s set-up: what was undone counts no more, and the one before it counts again. */
final readonly class SetUpSoFar
{
    public const FRETS = 'frets';

    /** @param  list<SetUpReading>  $readings  that count, the earliest first */
    private function __construct(private array $readings)
    {
    }

    public static function of(Build $build): self
    {
        return self::from(SetUpReading::query()->with('person:id,name')->where('build_id', $build->id)->orderBy('id')->get());
    }

    /** @param  Collection<int, SetUpReading>  $all  in their order */
    private static function from(Collection $all): self
    {
        $undone = $all->pluck('undoes')->filter()->all();

        return new self(array_values($all->filter(
            static fn (SetUpReading $one): bool => $one->undoes === null && ! in_array($one->id, $undone, true),
        )->all()));
    }

    /** The last of a step and a string; after the rest if it was read then. */
    public function last(string $step, ?int $string, bool $settled): ?SetUpReading
    {
        $last = null;
        foreach ($this->readings as $one) {
            if ($one->step === $step && $one->string === $string && $one->settled === $settled) {
                $last = $one;
            }
        }

        return $last;
    }

    /** @return array<int, float> by string */
    public function values(string $step, bool $settled): array
    {
        $values = [];
        foreach ($this->readings as $one) {
            if ($one->step === $step && $one->settled === $settled) {
                $values[$one->string ?? 0] = $one->value;
            }
        }

        return $values;
    }

    /** @return list<SetUpReading> the latest first */
    public function latest(int $most): array
    {
        return array_slice(array_reverse($this->readings), 0, $most);
    }
}
