<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Client\Letter;
use App\Models\Client\LetterKind;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A letter goes to a client because somebody pressed *Send*, and is kept with the build as it was sent. */
final readonly class SendLetter
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Build $build, LetterKind $kind, string $to, string $subject, string $body): Letter
    {
        if ($build->client_id === null) {
            throw Refused::because("{$build->name()} is built for stock; there is nobody to write to.");
        }
        KeepClient::mustBeKnown($build->client);
        try {
            Mail::raw($body, static fn ($message) => $message->to($to)->replyTo($by->email === '' ? $to : $by->email)->subject($subject));
        } catch (TransportExceptionInterface $failed) {
            report($failed);
            throw Refused::because('The letter could not be sent: the mail server did not take it. It is not kept; try again later, or copy it.', 'body');
        }

        return $this->recording->keep(function () use ($by, $build, $kind, $to, $subject, $body): Letter {
            $this->recording->log($build, $by, 'letter', "Written to the client: {$subject}.");

            return Letter::query()->create([
                'build_id' => $build->id, 'client_id' => $build->client_id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'kind' => $kind, 'mailed_to' => $to, 'subject' => $subject, 'body' => $body,
            ]);
        });
    }
}
