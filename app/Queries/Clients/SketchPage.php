<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Client\Enquiry;
use App\Models\Client\Sketch;
use App\Pages\Clients\SketchProps;
use App\Pages\Dict;
use App\Planning\House\House;
use App\Queries\Specification\HouseModelsPage;
use App\Queries\Specification\WorkedOut;

/** A sketch while it is written. */
final readonly class SketchPage
{
    public function __construct(private House $house)
    {
    }

    public function data(Enquiry $enquiry, ?Sketch $sketch): SketchProps
    {
        $client = $enquiry->client;
        // What is known of the client is not asked again.
        $known = $client->hand === '' ? [] : ['hand' => $client->hand];

        return new SketchProps(
            id: $sketch?->id, version: $sketch->version ?? 0, enquiry: $enquiry->id, client: $client->name, wishes: $enquiry->wishes, name: $sketch->name ?? '', model: (string) ($sketch->model_id ?? ''),
            typed: new Dict($sketch->typed ?? $known), fields: WorkedOut::fields(), models: HouseModelsPage::choices(), currency: $this->house->shop()->currency,
        );
    }
}
