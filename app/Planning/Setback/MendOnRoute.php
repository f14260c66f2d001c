<?php

declare(strict_types=1);

namespace App\Planning\Setback;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\Build\RouteChange;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Setback\Mend;
use Regimen\Units\Duration;

/** What mends a setback goes on the route: at once, and ahead of what was to come after the operation at which it happened. */
final readonly class MendOnRoute
{
    public function __construct(private Drafting $drafting, private RouteSync $sync, private Clock $clock)
    {
    }

    public function put(?Person $by, Setback $setback, RemedyAsked $asked): void
    {
        $build = $setback->build;
        $at = $setback->operation;
        $before = $this->waiting($build, $setback);
        $behind = [];
        foreach ($this->steps($setback, $asked) as $number => [$name, $labour, $hold]) {
            $isLast = $number === count($this->steps($setback, $asked)) - 1;
            // Where a gate was closed already, it is read again when the mend is done.
            $key = $isLast && $at?->gate_closed_at !== null
                ? StepKey::rework($at->key, RouteChange::query()->where('build_id', $build->id)->count() + 1)
                : "mend.{$setback->id}.".($number + 1);
            RouteChange::query()->create([
                'build_id' => $build->id, 'words' => "“{$name}” added: {$setback->text}", 'reason' => 'Something went wrong.', 'person_id' => $by?->id, 'at' => $this->clock->now(),
                'body' => [
                    'kind' => 'add', 'key' => $key, 'name' => $name, 'stage' => $at->stage->value ?? self::stage($setback)->value, 'pieces' => self::pieces($setback),
                    'set_up' => 0, 'labour' => $labour->minutes, 'hold' => $hold->minutes, 'skill' => $at->skill ?? self::skill($setback)->value,
                    'station' => $at?->station, 'fixture' => null, 'after' => $behind, 'before' => $isLast ? $before : [],
                ],
            ]);
            $behind = [$key];
            $keys[] = $key;
        }
        $this->sync->apply($build, $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build));
        Operation::query()->where('build_id', $build->id)->whereIn('key', $keys ?? [])->update(['setback_id' => $setback->id]);
    }

    /** @return list<array{string, Duration, Duration}> what is done, its labour and its hold */
    private function steps(Setback $setback, RemedyAsked $asked): array
    {
        if ($asked->name !== '') {
            if ($asked->labour->minutes === 0) {
                throw Refused::because('Write how long it takes, for example 0:30.', 'labour');
            }

            return [[$asked->name, $asked->labour, $asked->hold]];
        }
        $mend = Remedies::mendsOf($setback)[$asked->option] ?? null;

        return $mend instanceof Mend
            ? array_map(static fn ($one): array => [$one->name, $one->labour, $one->hold], $mend->steps)
            : throw Refused::because('There is no such way to mend it.', 'remedy');
    }

    /** @return list<string> keys of what must wait for it */
    private function waiting(Build $build, Setback $setback): array
    {
        $at = $setback->operation;
        if ($at !== null && $at->state === OperationState::Open) {
            return [$at->key];
        }
        $open = Operation::query()->where('build_id', $build->id)->where('state', OperationState::Open->value)->orderBy('position')->get();
        $next = $at === null ? collect() : OperationLink::query()->where('before_id', $at->id)->pluck('after_id');
        $direct = $open->whereIn('id', $next)->pluck('key')->values()->all();
        if ($direct !== []) {
            return array_values($direct);
        }
        $touching = $open->first(static fn (Operation $one): bool => array_intersect(self::pieces($setback), array_map(static fn (Piece $piece): string => $piece->value, $one->pieces)) !== []);

        $next = $touching ?? $open->last();

        return $next === null ? [] : [$next->key];
    }

    /** @return list<string> */
    private static function pieces(Setback $setback): array
    {
        return $setback->piece === null
            ? array_map(static fn (Piece $piece): string => $piece->value, $setback->operation->pieces ?? [])
            : [$setback->piece->piece()->value];
    }

    private static function stage(Setback $setback): Stage
    {
        return $setback->piece === null ? Stage::Assembly : Stage::from($setback->piece->piece()->value);
    }

    private static function skill(Setback $setback): Skill
    {
        return match (self::stage($setback)) {
            Stage::Neck => Skill::Necks, Stage::Fretboard => Skill::Frets, Stage::Body => Skill::Bodies, default => Skill::SetUp,
        };
    }
}
