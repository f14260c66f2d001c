<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Build\Operation;
use App\Models\Gate\DecisionKind;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\Bench\WentWrong;
use Illuminate\Support\Facades\DB;
use Regimen\Setback\Mishap;

/** What went wrong at the same operation before: what was said, and what lay outside at its gate. */
final class WrongBefore
{
    private const MOST = 4;

    /** @return list<WentWrong> the latest first */
    public function at(Operation $operation): array
    {
        $said = Setback::query()->with(['person:id,name', 'build:id,number'])->where('operation_key', $operation->key)
            ->where('state', '!=', SetbackState::Withdrawn->value)->where('mishap', '!=', Mishap::OutOfTolerance->value)->orderByDesc('id')->limit(self::MOST)->get()
            ->map(static fn (Setback $one): WentWrong => new WentWrong(
                build: $one->build->number, words: $one->text.($one->remedy_words === '' ? '' : " ({$one->remedy_words})"),
                by: $one->person->name, at: $one->at->toIso8601ZuluString(),
            ))->all();
        $decided = DB::table('gate_decisions as d')->join('operations as o', 'o.id', '=', 'd.operation_id')
            ->join('builds as b', 'b.id', '=', 'o.build_id')->join('people as p', 'p.id', '=', 'd.person_id')
            ->where('o.key', $operation->key)->orderByDesc('d.id')->limit(self::MOST)
            ->get(['b.number', 'd.line', 'd.kind', 'd.reason', 'd.at', 'p.name'])
            ->map(static fn (object $one): WentWrong => new WentWrong(
                build: (int) $one->number,
                words: trim(str_replace('-', ' ', (string) $one->line).' '.DecisionKind::from((string) $one->kind)->words().": {$one->reason}"),
                by: (string) $one->name, at: substr((string) $one->at, 0, 10).'T'.substr((string) $one->at, 11, 8).'Z',
            ))->all();
        $all = [...array_values($said), ...array_values($decided)];
        usort($all, static fn (WentWrong $a, WentWrong $b): int => $b->at <=> $a->at);

        return array_slice($all, 0, self::MOST);
    }
}
