<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Planning\House\House;

/** What clients see on their pages. */
final readonly class SetClientSees
{
    public function __construct(private Recording $recording, private House $house)
    {
    }

    /** @param  list<string>  $sees */
    public function __invoke(Person $by, array $sees): void
    {
        $this->recording->keep(function () use ($by, $sees): void {
            $this->house->shop()->update(['client_sees' => $sees]);
            $this->recording->log(null, $by, 'client', 'Clients’ pages show '.($sees === [] ? 'the date and what is to be decided alone.' : 'the date, what is to be decided, '.implode(', ', $sees).'.'));
        });
    }
}
