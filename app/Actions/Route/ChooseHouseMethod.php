<?php

declare(strict_types=1);

namespace App\Actions\Route;

use App\Actions\House\ChangeHouse;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;

/** How the house does something, unless a build says otherwise. Builds that have their route keep it. */
final readonly class ChooseHouseMethod
{
    public function __construct(private House $house, private ChangeHouse $changeHouse)
    {
    }

    public function __invoke(Person $by, int $version, string $key, string $answer): void
    {
        $methods = $this->house->methods()->with($key, $answer);
        $tool = str_starts_with($key, 'tool:')
            ? $this->house->standards()->operation(substr($key, 5), $methods->tool(substr($key, 5)))
            : null;
        $lacks = $tool === null
            ? null
            : $this->house->fit()->needs($tool->name, $tool->station, $tool->fixture, $tool->fixtures, $tool->skill);
        if ($lacks !== null) {
            throw Refused::because($lacks, 'method');
        }
        ($this->changeHouse)(
            $by, Shop::current(), $version, ['methods' => $methods->answers],
            'how the house works: '.MethodWords::of([$key => $answer]),
        );
    }
}
