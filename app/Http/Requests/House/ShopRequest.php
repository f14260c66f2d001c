<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use Illuminate\Foundation\Http\FormRequest;
use Regimen\Units\Duration;
use Regimen\Units\Money;
use Regimen\Units\Scalar;

/** What all requests of the shop share: who asks, the house's clock, zone and currency, and typed quantities. */
abstract class ShopRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof Person;
    }

    public function person(): Person
    {
        $person = $this->user();

        return $person instanceof Person ? $person : abort(403);
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function money(string $field): ?Money
    {
        $typed = trim($this->string($field)->toString());

        return $typed === '' ? null : Money::parse($typed, $this->house()->shop()->currency);
    }

    public function duration(string $field): Duration
    {
        return Duration::parse($this->string($field)->toString());
    }

    public function quantity(string $field): float
    {
        return Scalar::plain($this->string($field)->toString());
    }

    protected function house(): House
    {
        return app(House::class);
    }

    protected function clock(): Clock
    {
        return app(Clock::class);
    }
}
