<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Pages\Money\BankLooked;
use App\Pages\Money\BankProps;
use App\Pages\Money\BankRow;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Money\Standing;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Formats\Bank\BankColumns;
use Regimen\Formats\Bank\BankFile;
use Regimen\Formats\Bank\BankLine;
use Regimen\Invoicing\OpenItem;
use Regimen\Invoicing\PaymentMatch;
use Regimen\Units\UnreadableFile;

/** The bank’s file: how its columns are called, and what it holds. */
final readonly class BankPage
{
    /** A payment that was entered by hand may stand in the file so many days off. */
    private const DAYS = 5;

    public function __construct(private Standing $standing, private House $house)
    {
    }

    public function data(): BankProps
    {
        $set = $this->house->shop()->bank_columns;

        return new BankProps(
            $this->house->shop()->version, $set !== null, $set['date'] ?? '', $set['amount'] ?? '', implode(', ', $set['words'] ?? []), $set['currency'] ?? '', $set['dayFirst'] ?? true,
        );
    }

    /** @throws UnreadableFile where it is none of this bank, or none is set */
    public function read(string $bytes): BankFile
    {
        $set = $this->house->shop()->bank_columns ?? throw UnreadableFile::because('Say first how your bank names its columns.');

        return BankFile::read($bytes, new BankColumns(...$set), $this->house->shop()->currency);
    }

    public function look(string $bytes): BankLooked
    {
        try {
            $file = $this->read($bytes);
        } catch (UnreadableFile $refused) {
            return new BankLooked('', [], [], $refused->getMessage());
        }
        $owed = $this->standing->owed();
        $items = array_values($owed->map(fn (Invoice $one): OpenItem => new OpenItem($one->id, $one->number, $one->client->name, $one->build->number, $this->house->money($one->leftMinor())))->all());
        $known = Payment::query()->whereIn('fingerprint', array_map(static fn (BankLine $one): string => $one->fingerprint, $file->came))->pluck('id', 'fingerprint');
        $byHand = Payment::query()->counting()->whereNull('fingerprint')->where('amount_minor', '>', 0)->with('invoice:id,number')->get();

        return new BankLooked(
            Say::count(count($file->came), 'payment').' came; '.Say::count($file->went, 'line').' of what went '.($file->went === 1 ? 'is' : 'are').' left out.',
            array_map(fn (BankLine $one): BankRow => $this->row($one, $items, $known->has($one->fingerprint), $byHand), $file->came),
            array_map(static fn (OpenItem $one): Option => new Option((string) $one->id, "{$one->number}, {$one->client}, {$one->left}"), $items), '',
        );
    }

    /**
     * @param  list<OpenItem>  $items
     * @param  Collection<int, Payment>  $byHand
     */
    private function row(BankLine $line, array $items, bool $isTaken, Collection $byHand): BankRow
    {
        $match = PaymentMatch::find($line->amount, $line->words, $items);
        $twin = $isTaken ? null : $byHand->first(static fn (Payment $one): bool => $one->amount_minor === $line->amount->minor && abs((int) (new \DateTimeImmutable($one->paid_on))->diff(new \DateTimeImmutable($line->on))->format('%r%a')) <= self::DAYS);
        $isProposed = ! $isTaken && $twin === null && $match->item !== null;

        return new BankRow($line->fingerprint, $line->on, (string) $line->amount, $line->words, $isProposed ? (string) $match->item->id : '', $isProposed && $match->isCertain, match (true) {
            $isTaken => 'is recorded already',
            $twin !== null => 'looks like the payment that was entered by hand for '.($twin->invoice->number ?? 'it').' on '.Say::day($twin->paid_on),
            default => $match->because,
        }, $isTaken);
    }
}
