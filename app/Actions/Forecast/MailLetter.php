<?php

declare(strict_types=1);

namespace App\Actions\Forecast;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Support\Refused;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** The weekly letter goes to whoever asks for it, as they have read it. */
final readonly class MailLetter
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(Person $by, string $heading, string $text): void
    {
        if ($by->email === '') {
            throw Refused::because('There is no mail address of yours. A manager writes it down under People.');
        }
        try {
            Mail::raw($text, static fn ($message) => $message->to($by->email)->subject($heading));
        } catch (TransportExceptionInterface $failed) {
            report($failed);
            throw Refused::because('The mail could not be sent: the mail server did not take it. Print the letter, or try again later.');
        }
        $this->recording->keep(fn () => $this->recording->log(null, $by, 'letter', "The week’s letter mailed to {$by->email}."));
    }
}
