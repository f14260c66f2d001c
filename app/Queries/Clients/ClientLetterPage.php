<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Build\Build;
use App\Models\Client\Letter;
use App\Models\Client\LetterKind;
use App\Pages\Clients\ClientLetterProps;
use App\Pages\Clients\LetterSent;
use App\Pages\Shop\Option;
use App\Planning\Clients\LetterDraft;

/** A letter to the client, drafted; and those that were sent. */
final readonly class ClientLetterPage
{
    public function __construct(private LetterDraft $draft)
    {
    }

    public function data(Build $build, LetterKind $kind): ClientLetterProps
    {
        $build->load('client');
        $draft = $this->draft->of($build, $kind);

        return new ClientLetterProps(
            number: $build->number, title: $build->title, client: $build->client->name ?? '', kinds: array_map(static fn (LetterKind $one): Option => new Option($one->value, $one->words()), LetterKind::cases()), kind: $kind->value,
            to: (string) ($build->client->email ?? ''), subject: $draft['subject'], body: $draft['body'],
            sent: array_values(Letter::query()->with('person:id,name')->where('build_id', $build->id)->orderByDesc('id')->get()->map(static fn (Letter $one): LetterSent => new LetterSent(
                $one->id, $one->at->toIso8601ZuluString(), $one->person->name ?? '', $one->mailed_to, $one->subject, $one->body,
            ))->all()),
        );
    }
}
