<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Parts\PartOrder;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** An order goes to its supplier by mail, as PDF and as CSV. */
final readonly class MailOrder
{
    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    public function __invoke(Person $by, PartOrder $order, int $version, string $pdf, string $csv): void
    {
        $supplier = $order->supplier;
        $this->recording->keep(function () use ($by, $order, $version, $supplier): void {
            OrderParts::mustBeOpen($order, $version);
            if ($supplier->email === '') {
                throw Refused::because("“{$supplier->name}” has no mail address. Print the order, or write the address down under Suppliers.");
            }
            $order->update(['mailed_at' => $this->clock->now(), 'mailed_to' => $supplier->email, 'version' => $order->version + 1]);
            $this->recording->log(null, $by, 'stores', "Order {$order->id} mailed to {$supplier->email}.");
        });
        $words = "Please send us what stands in the attached order {$order->id}.\n\n".($order->express ? "Please send it by express.\n\n" : '').($order->note === '' ? '' : "{$order->note}\n\n")."{$by->name}\n{$this->house->shop()->name}";
        try {
            Mail::raw($words, static fn ($message) => $message->to($supplier->email)->subject("Order {$order->id}")
                ->attachData($pdf, "order-{$order->id}.pdf", ['mime' => 'application/pdf'])->attachData($csv, "order-{$order->id}.csv", ['mime' => 'text/csv']));
        } catch (TransportExceptionInterface $failed) {
            $this->recording->keep(function () use ($by, $order): void {
                $order->update(['mailed_at' => null, 'mailed_to' => '', 'version' => $order->version + 1]);
                $this->recording->log(null, $by, 'stores', "Order {$order->id} could not be mailed after all.");
            });
            report($failed);
            throw Refused::because("The mail could not be sent: the mail server did not take it. Order {$order->id} is not mailed; print it, or try again later.");
        }
    }
}
