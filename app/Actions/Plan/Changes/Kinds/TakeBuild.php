<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Purpose;
use App\Models\House\HouseModel;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\Rule;

/** One more build, after a house model: a commission that is only talked about, or one for stock. */
final readonly class TakeBuild implements AskedFor
{
    use InPlan, OfShop;

    /** @param  string|null  $promisedOn  null for one for stock */
    public function __construct(
        private string $title,
        private int $model,
        private ?string $promisedOn,
        private TakeCommission $takeCommission,
    ) {
    }

    public static function kind(): string
    {
        return 'build';
    }

    public static function heading(): string
    {
        return 'a new commission';
    }

    public static function fields(Asking $asking): array
    {
        return [
            AskedField::of('title', 'name', 'required', 'string', 'max:60')->asked('Name of the build'),
            AskedField::of('model', 'house model', 'required', 'integer', Rule::exists('house_models', 'id'))
                ->chosen('As the house model', $asking->choices->models(...)),
            $asking->promise()->asked('Promise date', 'date', 'empty: for stock'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->text('title'), $body->whole('model'), $body->maybe('promised_on'), $tools->takeCommission,
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'title' => $this->title, 'model' => $this->model,
            'promised_on' => $this->promisedOn,
        ];
    }

    public function words(): string
    {
        return "New build {$this->title}, as the house model {$this->model()->name}"
            .($this->promisedOn === null ? '.' : ', promised for '.Say::day($this->promisedOn).'.');
    }

    public function make(?Person $by): null
    {
        $purpose = $this->promisedOn === null ? Purpose::Stock : Purpose::Commission;
        ($this->takeCommission)(null, new Commission(
            $purpose, $this->title, '', '', ['type' => $this->model()->type], null, null, $this->promisedOn,
            $this->model,
        ));

        return null;
    }

    private function model(): HouseModel
    {
        return HouseModel::query()->find($this->model)
            ?? throw Refused::because('There is no such house model.', 'model');
    }
}
