<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Client\Enquiry;
use App\Models\Client\Sketch;
use App\Pages\Dict;
use App\Pages\Enquiries\FeelLine;
use App\Pages\Enquiries\SketchProps;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Queries\Specification\HouseModelsPage;
use App\Queries\Specification\WorkedOut;
use Regimen\Client\Feel;
use Regimen\Client\Proposal;
use Regimen\Client\Wish;

/** A sketch while it is written. */
final readonly class SketchPage
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param  list<Wish>  $wishes
     * @return array{proposals: list<FeelLine>, contradictions: list<string>}
     */
    public function feel(array $wishes, string $type): array
    {
        $feel = Feel::of($wishes, $type);

        return ['proposals' => array_map(static fn (Proposal $one): FeelLine => new FeelLine($one->field, $one->label, is_string($one->typed) ? $one->typed : '', is_array($one->typed) ? $one->typed : null, $one->words, $one->because, $one->costs), $feel->proposals), 'contradictions' => $feel->contradictions];
    }

    public function data(Enquiry $enquiry, ?Sketch $sketch): SketchProps
    {
        $client = $enquiry->client;
        // What is known of the client is not asked again.
        $known = $client->hand === '' ? [] : ['hand' => $client->hand];

        return new SketchProps(
            id: $sketch?->id, version: $sketch->version ?? 0, enquiry: $enquiry->id, client: $client->name, wishes: $enquiry->wishes, name: $sketch->name ?? '', model: (string) ($sketch->model_id ?? ''),
            wishesToAsk: array_map(static fn (Wish $one): Option => new Option($one->value, $one->words()), Wish::cases()),
            typed: new Dict($sketch->typed ?? $known), fields: WorkedOut::fields(), models: HouseModelsPage::choices(), currency: $this->house->shop()->currency,
        );
    }
}
