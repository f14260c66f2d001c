<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Client\Quote;
use App\Planning\House\House;
use App\Support\Say;
use Illuminate\Support\Str;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;

/** What a quote says, the same on the page and on paper. */
final readonly class QuoteWords
{
    /** What every client asks about, beside what they said themselves. */
    private const MAIN = ['strings', 'hand', 'scale', 'scaleTreble', 'headstock', 'stringMaterial', 'frets', 'nutWidth', 'neckTimber', 'boardTimber', 'joint', 'body', 'layers', 'backTimber', 'sideTimber', 'bracing', 'bridge', 'pickups', 'finish', 'colour'];

    /** What is between the shop and the client. */
    private const NOT = ['type', 'wishes', 'budget', 'name', 'purpose', 'outlineSvg'];

    public function __construct(private House $house)
    {
    }

    /** @return list<array{string, string}> price, tax, payments, dates */
    public function lines(Quote $quote): array
    {
        $price = $this->house->money($quote->price_minor);
        $deposit = $this->house->money($quote->deposit_minor);
        $net = $this->house->money((int) round($quote->price_minor * 1_000 / (1_000 + $quote->tax_permille)));

        return array_values(array_filter([
            ['Price', (string) $price],
            $quote->tax_permille === 0 ? null : ['of which tax, '.Say::figure($quote->tax_permille / 10, 1).' %', (string) $price->minus($net)],
            $deposit->minor === 0 ? null : ['Deposit when it is accepted', (string) $deposit],
            ['Balance before it is handed over', (string) $price->minus($deposit)],
            ['Ready', Say::dayAndYear($quote->promised_on)],
            ['Valid until', Say::dayAndYear($quote->valid_until)],
        ]));
    }

    /** @return list<array{string, string}> what the instrument is to be */
    public function facts(Quote $quote): array
    {
        $read = SpecificationReader::read($quote->typed, $quote->house);
        $facts = [];
        foreach (SpecificationFields::all() as $key => $field) {
            $isTold = in_array($key, self::MAIN, true) || (array_key_exists($key, $quote->typed) && ! in_array($key, self::NOT, true));
            $words = $isTold && ! isset($read->idle[$key]) ? FieldWords::of($field, $read->values[$key] ?? null) : '';
            // Where a pickup lies is for the bench; which it is, for the client.
            $words === '' || $facts[] = [$field->label, $key === 'pickups' ? (string) preg_replace('/:[^;]*/', '', $words) : $words];
        }

        return $facts;
    }

    /** @return list<string> what the date depends on */
    public static function depends(Quote $quote): array
    {
        return array_values(array_filter(array_map(trim(...), explode("\n", $quote->depends))));
    }

    /** The shop’s words as HTML: nothing in them is taken for HTML, and links lead to the web alone. */
    public static function html(Quote $quote): string
    {
        return Str::markdown($quote->words, ['html_input' => 'escape', 'allow_unsafe_links' => false, 'max_nesting_level' => 20]);
    }
}
