<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Models\Build\Build;
use App\Models\Build\Purpose;
use App\Models\House\HouseModel;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;

/** One more build, after a house model: a commission that is only talked about, or one for stock. */
final readonly class TakeBuild implements Change
{
    public function __construct(private Body $body, private TakeCommission $takeCommission)
    {
    }

    public function words(): string
    {
        $promise = $this->body->maybe('promised_on');

        return "New build {$this->body->text('title')}, as the house model {$this->model()->name}"
            .($promise === null ? '.' : ', promised for '.Say::day($promise).'.');
    }

    public function make(?Person $by): null
    {
        $promise = $this->body->maybe('promised_on');
        $purpose = $promise === null ? Purpose::Stock : Purpose::Commission;
        ($this->takeCommission)(
            null,
            new Commission(
                $purpose, $this->body->text('title'), '', '', ['type' => $this->model()->type], null, null, $promise,
                $this->model()->id,
            ),
        );

        return null;
    }

    public function build(): ?Build
    {
        return null;
    }

    private function model(): HouseModel
    {
        return HouseModel::query()->find($this->body->whole('model'))
            ?? throw Refused::because('There is no such house model.', 'model');
    }
}
