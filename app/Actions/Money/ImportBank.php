<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Formats\Bank\BankFile;
use Regimen\Formats\Bank\BankLine;

/** Takes from the bank’s file what is meant for invoices; the same payment is never taken twice, however often it stands in a file. */
final readonly class ImportBank
{
    public function __construct(private Recording $recording, private RecordPayment $record)
    {
    }

    /**
     * @param  array<string, int>  $chosen  invoices by the fingerprints of lines
     * @return int how many payments were taken
     */
    public function __invoke(Person $by, BankFile $file, array $chosen): int
    {
        $lines = array_column(array_map(static fn (BankLine $one): array => [$one->fingerprint, $one], $file->came), 1, 0);
        if (array_diff_key($chosen, $lines) !== []) {
            throw Refused::because('What was chosen does not stand in this file. Look at it again.', 'file');
        }

        return $this->recording->keep(function () use ($by, $lines, $chosen): int {
            $taken = 0;
            foreach ($chosen as $fingerprint => $id) {
                $line = $lines[$fingerprint];
                if (Payment::query()->where('fingerprint', $fingerprint)->exists()) {
                    continue;
                }
                $invoice = Invoice::query()->find($id) ?? throw Refused::because("Line {$line->line}: there is no such invoice.", 'file');
                RecordPayment::mustStand($invoice);
                $this->record->keep($by, $invoice->build_id, $invoice->id, $line->amount->minor, $line->on, 'bank', $line->words, $fingerprint);
                $this->recording->log(Build::query()->find($invoice->build_id), $by, 'money', "{$line->amount} came for invoice {$invoice->number} on {$line->on}, from the bank’s file.");
                $this->record->goesOn($invoice);
                $taken++;
            }

            return $taken;
        });
    }
}
