<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Models\House\Shop;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Standards\Adhesive;
use Regimen\Units\Duration;

/** Tolerances, glue and the air the house sprays in. */
final class HouseRulesRequest extends ManagerRequest
{
    use ShorterHolds;

    private const NUMBER = 'regex:/^\d{1,4}([.,]\d{1,3})?$/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        // The two limits of spraying belong together.
        $both = Rule::requiredIf(fn (): bool => $this->hasAny(['coldest', 'dampest']));

        return [
            'version' => ['required', 'integer'],
            'because' => ['nullable', 'string', 'max:300'],
            'coldest' => [$both, 'string', self::NUMBER],
            'dampest' => [$both, 'string', self::NUMBER],
            'tolerances' => ['sometimes', 'array'],
            'tolerances.*' => ['required', 'string', self::NUMBER],
            'glue' => ['sometimes', 'array'],
            'glue.*' => ['required', 'string', self::NUMBER],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(
            ['coldest.regex', 'dampest.regex', 'tolerances.*.regex', 'glue.*.regex'],
            'Write a number such as 0.2 or 15.',
        );
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            if ($this->has('dampest') && $this->quantity('dampest') > 100) {
                $validator->errors()->add('dampest', 'Relative humidity runs from 0 to 100 %.');
            }
            if ($this->has('coldest') && $this->quantity('coldest') > 40) {
                $validator->errors()->add('coldest', 'Write degrees Celsius, for example 15.');
            }
            foreach ((array) $this->input('glue') as $key => $share) {
                if (self::number($share) > 10) {
                    $validator->errors()->add("glue.{$key}", 'More than ten times the standard is a mistake.');
                }
            }
            $this->glueIsLongEnough($validator);
        }];
    }

    /** A day of wood glue, to compare shares by. */
    private function glueIsLongEnough(Validator $validator): void
    {
        $day = Duration::ofHours(24);
        $kept = Shop::current()->glue_shares;
        $holds = [];
        foreach (Adhesive::cases() as $glue) {
            $typed = $this->input("glue.{$glue->value}");
            if ($typed !== null && ! $validator->errors()->has("glue.{$glue->value}")) {
                $minutes = static fn (float $share): int => $glue->hold($day, $share)->minutes;
                $holds["glue.{$glue->value}"] = [
                    $minutes($kept[$glue->value] ?? $glue->share()), $minutes(self::number($typed)),
                    $glue->hold($day, $glue->share()), "Where wood glue needs a day, {$glue->words()}",
                ];
            }
        }
        $this->askWhy($validator, $holds);
    }

    /**
     * What differs from the trade's figures is the house's own.
     *
     * @return array<string, mixed>
     */
    public function attributesToSave(): array
    {
        $attributes = [];
        if ($this->has('coldest')) {
            $attributes['spray_coldest_tenths'] = (int) round(10 * $this->quantity('coldest'));
            $attributes['spray_dampest_tenths'] = (int) round(10 * $this->quantity('dampest'));
        }
        if ($this->has('tolerances')) {
            $usual = Tolerances::usual();
            $attributes['tolerances'] = self::own(
                (array) $this->input('tolerances'),
                array_combine(array_column($usual->all(), 'key'), array_column($usual->all(), 'value')),
            );
        }
        if ($this->has('glue')) {
            $attributes['glue_shares'] = self::own(
                (array) $this->input('glue'),
                array_combine(
                    array_column(Adhesive::cases(), 'value'),
                    array_map(static fn (Adhesive $glue): float => $glue->share(), Adhesive::cases()),
                ),
            );
        }

        return $attributes;
    }

    /**
     * @param  array<mixed>  $typed
     * @param  array<string, float>  $usual
     * @return array<string, float>
     */
    private static function own(array $typed, array $usual): array
    {
        $own = [];
        foreach ($usual as $key => $value) {
            if (isset($typed[$key]) && self::number($typed[$key]) !== $value) {
                $own[$key] = self::number($typed[$key]);
            }
        }

        return $own;
    }

    private static function number(mixed $typed): float
    {
        return is_scalar($typed) ? (float) str_replace(',', '.', (string) $typed) : 0.0;
    }
}
