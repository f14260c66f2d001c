<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Str;

/** A private address for a calendar is given, or revoked: then it answers no more. */
final readonly class GiveFeed
{
    private const LENGTH = 40;

    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function give(Person $by, string $kind, ?Person $person, ?Build $build): Feed
    {
        return $this->recording->keep(function () use ($by, $kind, $person, $build): Feed {
            $token = Str::random(self::LENGTH);
            $feed = Feed::query()->create([
                'kind' => $kind, 'person_id' => $kind === 'person' ? $person?->id : null,
                'build_id' => $kind === 'build' ? $build?->id : null,
                'token_hash' => self::hash($token), 'token' => $token, 'given_by' => $by->id,
                'at' => $this->clock->now(),
            ]);
            $this->recording->log($build, $by, 'feed', 'A calendar address was given for '.self::named($feed).'.');

            return $feed;
        });
    }

    public function revoke(Person $by, Feed $feed): void
    {
        $this->recording->keep(function () use ($by, $feed): void {
            if ($feed->revoked_at !== null) {
                throw Refused::because('That address was revoked before; it does not work any more.');
            }
            $feed->update(['revoked_at' => $this->clock->now()]);
            $this->recording->log(
                $feed->build, $by, 'feed', 'The calendar address for '.self::named($feed).' was revoked.',
            );
        });
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public static function named(Feed $feed): string
    {
        return match ((string) $feed->getAttribute('kind')) {
            'person' => (string) $feed->person?->name,
            'build' => "No. {$feed->build?->name()}",
            default => 'the shop',
        };
    }
}
