<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\House\GiveFeed;
use App\Actions\Plan\Changes\Choices;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Pages\Plan\FeedLine;
use App\Pages\Plan\FeedsProps;
use App\Pages\Shop\Option;
use App\Support\LastSeen;

/** The private addresses at which calendar programs read the plan. */
final readonly class FeedsPage
{
    public function __construct(private Choices $choices, private LastSeen $lastSeen)
    {
    }

    public function data(Person $viewer): FeedsProps
    {
        $feeds = Feed::query()->with(['person', 'build'])->whereNull('revoked_at')
            ->when(
                ! $viewer->isManager(),
                static fn ($query) => $query->where('kind', 'person')->where('person_id', $viewer->id),
            )
            ->orderBy('id')->get();

        return new FeedsProps(
            feeds: array_values($feeds->map(fn (Feed $feed): FeedLine => new FeedLine(
                id: $feed->id,
                of: ucfirst(GiveFeed::named($feed)),
                address: $feed->address(),
                at: $feed->at->toIso8601ZuluString(),
                readAt: $this->lastSeen->at("feed.{$feed->id}")?->toIso8601ZuluString(),
            ))->all()),
            people: $viewer->isManager()
                ? $this->choices->people()
                : [new Option(value: (string) $viewer->id, words: $viewer->name)],
            builds: $viewer->isManager() ? $this->choices->builds() : [],
            manager: $viewer->isManager(),
        );
    }
}
