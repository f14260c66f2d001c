<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\ClientPage;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Str;

/** A private address is given to the client of a build, or revoked: then it answers no more. */
final readonly class GiveClientPage
{
    private const LENGTH = 40;

    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function give(Person $by, Build $build): ClientPage
    {
        return $this->recording->keep(function () use ($by, $build): ClientPage {
            if ($build->client_id === null) {
                throw Refused::because("{$build->name()} is built for stock; nobody waits for its page.");
            }
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is not in the making any more.");
            }
            if (ClientPage::query()->where('build_id', $build->id)->whereNull('revoked_at')->exists()) {
                throw Refused::because('There is an address already. Revoke it first, if another one is wanted.');
            }
            $token = Str::random(self::LENGTH);
            $page = ClientPage::query()->create(['build_id' => $build->id, 'token_hash' => ClientPage::hash($token), 'token' => $token, 'given_by' => $by->id, 'at' => $this->clock->now()]);
            $this->recording->log($build, $by, 'client', 'A private page was opened for the client.');

            return $page;
        });
    }

    public function revoke(Person $by, Build $build): void
    {
        $this->recording->keep(function () use ($by, $build): void {
            $count = ClientPage::query()->where('build_id', $build->id)->whereNull('revoked_at')->update(['revoked_at' => $this->clock->now()]);
            if ($count === 0) {
                throw Refused::because('There is no address that works.');
            }
            $this->recording->log($build, $by, 'client', 'The client’s private page was closed.');
        });
    }
}
