<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Pages\Clients\AlikeLine;
use App\Pages\Clients\ClientLine;
use App\Pages\Clients\ClientsProps;
use App\Support\Say;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Regimen\Client\Alike;

/** All clients, the latest first who were spoken with or have something in the making. */
final readonly class ClientsPage
{
    private const SHOWN = 60;

    private const ALIKE = 12;

    /** So many are compared in no time. */
    private const MANY = 500;

    public function data(string $find): ClientsProps
    {
        $known = Client::query()->known()->count();
        $found = $this->found($find)->withCount(['builds as open_builds' => static fn (Builder $builds) => $builds->where('status', BuildStatus::Open->value), 'builds'])
            ->addSelect(['last' => Talk::query()->selectRaw('max(at)')->whereColumn('client_id', 'clients.id')])
            ->orderByDesc('open_builds')->orderByRaw('last is null, last desc')->orderBy('name')->limit(self::SHOWN + 1)->get();
        $numbers = Build::query()->whereIn('client_id', $found->modelKeys())->orderBy('number')->get(['id', 'client_id', 'number', 'status'])->groupBy('client_id');
        $alike = $this->alike($known);

        return new ClientsProps(
            headline: $known === 0 ? 'No client yet' : ucfirst(Say::count($known, 'client')).($alike === [] ? '' : ', '.(count($alike) === 1 ? 'one pair' : count($alike).' pairs').' of entries may be one person'),
            find: $find,
            clients: array_values($found->take(self::SHOWN)->map(static fn (Client $one): ClientLine => new ClientLine(
                id: $one->id, name: $one->name, reach: $one->reach(),
                open: array_values(($numbers[$one->id] ?? collect())->where('status', BuildStatus::Open)->pluck('number')->map(intval(...))->all()), over: (int) $one->getAttribute('builds_count') - (int) $one->getAttribute('open_builds'),
                lastTalk: $one->instant('last'),
            ))->all()),
            more: $found->count() > self::SHOWN,
            alike: $alike,
        );
    }

    /** @return Builder<Client> */
    private function found(string $find): Builder
    {
        $query = Client::query()->known()->select('clients.*');
        foreach (array_filter(explode(' ', $find)) as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(static fn (Builder $either) => $either->whereRaw("name like ? escape '\\'", [$like])->orWhereRaw("email like ? escape '\\'", [$like])->orWhereRaw("phone like ? escape '\\'", [$like])
                ->orWhereRaw("address like ? escape '\\'", [$like])->orWhereRaw("contact like ? escape '\\'", [$like]));
        }

        return $query;
    }

    /** @return list<AlikeLine> of many looked for anew only when somebody was added or changed */
    private function alike(int $known): array
    {
        $look = static fn (): array => array_slice(Alike::pairs(
            Client::query()->known()->toBase()->get(['id', 'name', 'email', 'phone'])->mapWithKeys(static fn (object $one): array => [(int) $one->id => ['name' => (string) $one->name, 'email' => (string) $one->email, 'phone' => (string) $one->phone]])->all(),
        ), 0, self::ALIKE);
        $state = static fn (): string => (string) Client::query()->known()->selectRaw("count(*) || ' ' || coalesce(max(id), 0) || ' ' || coalesce(sum(version), 0) as state")->toBase()->value('state');
        /** @var list<array{int, int, string}> $pairs */
        $pairs = $known > self::MANY ? Cache::remember("clients alike {$state()}", 3_600, $look) : $look();
        $clients = $pairs === [] ? collect() : Client::query()->known()->whereIn('id', array_merge(array_column($pairs, 0), array_column($pairs, 1)))->get()->keyBy('id');
        $lines = [];
        foreach ($pairs as [$low, $high, $why]) {
            [$one, $other] = [$clients->get($low), $clients->get($high)];
            if ($one !== null && $other !== null) {
                $lines[] = new AlikeLine($one->id, $one->name, $one->version, $other->id, $other->name, $other->version, $why);
            }
        }

        return $lines;
    }
}
