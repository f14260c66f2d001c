<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Models\People\Person;
use App\Planning\House\House;
use App\Rules\SaidInWords;
use App\Support\Clock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Support\Stringable;
use Illuminate\Validation\Validator;
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

    /** Days and moments are read as people say them, wherever a rule asks for one. */
    protected function prepareForValidation(): void
    {
        $said = $this->all();
        foreach (method_exists($this, 'rules') ? (array) app()->call([$this, 'rules']) : [] as $field => $rules) {
            foreach (is_array($rules) ? $rules : [] as $rule) {
                if ($rule instanceof SaidInWords) {
                    $said = self::withDays($said, explode('.', (string) $field), $rule);
                }
            }
        }
        $this->merge(array_intersect_key($said, $this->all()));
    }

    /**
     * @param  array<mixed>  $said
     * @param  list<string>  $path
     * @return array<mixed>
     */
    private static function withDays(array $said, array $path, SaidInWords $rule): array
    {
        $first = (string) array_shift($path);
        foreach ($first === '*' ? array_keys($said) : [$first] as $key) {
            if (array_key_exists($key, $said)) {
                $said[$key] = match (true) {
                    $path === [] => $rule->read($said[$key]),
                    is_array($said[$key]) => self::withDays($said[$key], $path, $rule),
                    default => $said[$key],
                };
            }
        }

        return $said;
    }

    /** What looks at several fields together does so only where each of them is as it should be. */
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach ($validator->errors()->isEmpty() ? $this->afterValid() : [] as $look) {
                $look($validator);
            }
        });
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [];
    }

    public function person(): Person
    {
        $person = $this->user();

        return $person instanceof Person ? $person : abort(403);
    }

    /**
     * The one reader of text: what is no text is none, so that it is refused by its rule rather than read as something else.
     *
     * @param  string  $key
     * @param  mixed  $default
     */
    public function string($key, $default = null): Stringable
    {
        $value = $this->input($key, $default);

        return Str::of(is_scalar($value) ? (string) $value : '');
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** The version that the page showed, where it said one. */
    public function seen(): ?int
    {
        return $this->filled('version') ? $this->integer('version') : null;
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
