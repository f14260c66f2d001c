<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Pages\Clients\ClientBuild;
use App\Pages\Clients\ClientProps;
use App\Pages\Clients\TalkLine;
use App\Planning\Clients\Forgetting;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;

/** One client: what is known, what is made for them, what was said when. */
final readonly class ClientPage
{
    public function __construct(private Forgetting $forgetting, private House $house, private Clock $clock)
    {
    }

    public function data(Client $client): ClientProps
    {
        $builds = $client->builds()->get();
        $open = $builds->where('status', BuildStatus::Open);
        $kept = $this->forgetting->keptUntil($client, $this->clock->now());

        return new ClientProps(
            id: $client->id, version: $client->version, headline: $this->headline($client, $builds->count(), $open->count()),
            said: ['name' => $client->name, ...array_map(strval(...), $client->only(['contact', 'email', 'phone', 'address', 'hand', 'scale', 'neck', 'action', 'weight', 'instruments', 'locale', 'country', 'tax_id']))],
            forgotten: $client->forgotten_at === null ? null : 'Deleted on request on '.Say::dayAndYear($client->forgotten_at->setTimezone($this->house->zone())->toDateString()).'.'.($client->kept_until === null ? '' : ' Name and address stay until '.Say::dayAndYear($client->kept_until).' for the papers of what was sold.'),
            builds: array_values($builds->map(fn (Build $build): ClientBuild => new ClientBuild(
                $build->number, $build->title, $build->model, match ($build->status) {
                    BuildStatus::Open => $build->promised_on === null ? 'in the making' : 'promised for '.Say::day($build->promised_on),
                    BuildStatus::Finished => 'finished '.($build->finished_at === null ? '' : Say::dayAndYear($build->finished_at->setTimezone($this->house->zone())->toDateString())),
                    default => $build->status->value,
                }, $build->status === BuildStatus::Open,
            ))->all()),
            talks: array_values($client->talks()->with('person:id,name')->get()->map(static fn (Talk $one): TalkLine => new TalkLine($one->id, $one->at->toIso8601ZuluString(), $one->person->name ?? '', $one->text))->all()),
            deleting: $open->isNotEmpty() ? 'Something is in the making for them: hand over or call off first; then they can be deleted.'
                : 'Empties this record and everything that was said; instruments, hours and the logbook stay and know them as client '.$client->id.'.'
                    .($kept === null ? '' : ' Name and address stay until '.Say::dayAndYear($kept).' for the papers of what was sold, as the house has it.'),
            canDelete: $open->isEmpty() && $client->forgotten_at === null,
        );
    }

    private function headline(Client $client, int $builds, int $open): string
    {
        return $client->name.': '.match (true) {
            $open > 0 => Say::count($open, 'instrument').' in the making',
            $builds > 0 => Say::count($builds, 'instrument').' from here',
            default => 'nothing is made for them yet',
        };
    }
}
