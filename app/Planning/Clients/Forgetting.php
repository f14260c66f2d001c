<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Planning\House\House;
use App\Support\ClientNames;
use Carbon\CarbonImmutable;

/**
 * Empties the one record with a client’s name and address. What the law wants kept of an instrument that was sold stays for as
 * many years as the house says, and nothing else of it.
 */
final readonly class Forgetting
{
    private const LIKES = ['contact', 'email', 'phone', 'hand', 'scale', 'neck', 'action', 'weight', 'instruments', 'locale'];

    public function __construct(private House $house)
    {
    }

    /** The day until which name and address have to stay; null where nothing was sold. */
    public function keptUntil(Client $client, CarbonImmutable $now): ?string
    {
        $years = $this->house->shop()->papers_years;
        $last = Build::query()->where('client_id', $client->id)->whereIn('status', [BuildStatus::Finished->value, BuildStatus::Open->value])->whereNotNull('price_minor')
            ->selectRaw('max(coalesce(finished_at, ordered_at)) as day')->toBase()->value('day');
        if ($years === 0 || ! is_string($last)) {
            return null;
        }
        $until = CarbonImmutable::parse($last)->endOfYear()->addYears($years);

        return $until <= $now ? null : $until->toDateString();
    }

    public function forget(Client $client, CarbonImmutable $now): void
    {
        $kept = $this->keptUntil($client, $now);
        $surname = ClientNames::surname($client->name);
        foreach (Build::query()->where('client_id', $client->id)->get() as $build) {
            str_contains(mb_strtolower($build->title), mb_strtolower($surname)) && $build->update(['title' => self::by($client), 'version' => $build->version + 1]);
        }
        Talk::query()->where('client_id', $client->id)->delete();
        $client->update([
            ...array_fill_keys(self::LIKES, ''), 'forgotten_at' => $now, 'kept_until' => $kept, 'version' => $client->version + 1,
            ...$kept === null ? ['name' => self::by($client), 'address' => ''] : [],
        ]);
    }

    /**
     * What had to be kept for its time, and that is over.
     *
     * @return int how many were emptied
     */
    public function afterItsTime(string $today): int
    {
        $over = Client::query()->whereNotNull('forgotten_at')->where('kept_until', '<', $today)->get();
        foreach ($over as $client) {
            $client->update(['name' => self::by($client), 'address' => '', 'kept_until' => null, 'version' => $client->version + 1]);
        }

        return $over->count();
    }

    private static function by(Client $client): string
    {
        return "client {$client->id}";
    }
}
