<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Actions\Work\WaitFor;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\Client\Decision;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Route\OperationState;

/** The client is asked, and answers: on their page or in the shop. What hangs on it waits until then. */
final readonly class AskDecision
{
    public function __construct(private Recording $recording, private WaitFor $wait, private House $house, private Clock $clock)
    {
    }

    /** @param  list<string>  $options */
    public function ask(Person $by, Build $build, Operation $operation, string $question, array $options, string $lastDay): Decision
    {
        return $this->recording->keep(function () use ($by, $build, $operation, $question, $options, $lastDay): Decision {
            if ($build->status !== BuildStatus::Open || $operation->build_id !== $build->id) {
                throw Refused::because("Nothing on {$build->name()} waits for that.", 'operation');
            }
            if ($operation->waits_for !== '') {
                throw Refused::because("“{$operation->name}” waits for an answer already: {$operation->waits_for}.", 'operation');
            }
            $decision = Decision::query()->create([
                'build_id' => $build->id, 'operation_id' => $operation->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'question' => $question, 'options' => $options, 'last_day' => $lastDay,
                'finish_was' => Outlooks::finish(PlanEntry::query()->where('build_id', $build->id)->get())?->setTimezone($this->house->zone())->toDateString(),
            ])->refresh();
            ($this->wait)($by, $operation, $operation->version, self::short($question), $lastDay);

            return $decision;
        });
    }

    /**
     * @param  Person|null  $by  nobody of the shop where the client answered on their page
     * @param  string  $from  who said it
     */
    public function answer(?Person $by, Decision $decision, string $answer, string $from): void
    {
        $this->recording->keep(function () use ($by, $decision, $answer, $from): void {
            $this->mustBeOpen($decision);
            if ($decision->options !== [] && ! in_array($answer, $decision->options, true)) {
                throw Refused::because('Choose one of: '.implode(', ', $decision->options).'.', 'answer');
            }
            $decision->update(['answer' => $answer, 'answered_by' => $from, 'answered_at' => $this->clock->now(), 'version' => $decision->version + 1]);
            $this->recording->log($decision->build, $by, 'decision', rtrim($decision->question, '?.')."? {$answer}, said {$from}.");
            $this->waitNoLonger($by, $decision);
        });
    }

    public function withdraw(Person $by, Decision $decision): void
    {
        $this->recording->keep(function () use ($by, $decision): void {
            $this->mustBeOpen($decision);
            $decision->update(['withdrawn_at' => $this->clock->now(), 'version' => $decision->version + 1]);
            $this->recording->log($decision->build, $by, 'decision', "Not asked any more: {$decision->question}");
            $this->waitNoLonger($by, $decision);
        });
    }

    private function mustBeOpen(Decision $decision): void
    {
        if ($decision->answered_at !== null) {
            throw Refused::because("It was answered on {$this->day($decision)}: {$decision->answer}. Nothing was changed; a changed mind is told to the shop.", 'answer');
        }
        if ($decision->withdrawn_at !== null) {
            throw Refused::because('It is not asked any more. Nothing was changed.', 'answer');
        }
    }

    private function waitNoLonger(?Person $by, Decision $decision): void
    {
        $operation = $decision->operation;
        if ($operation !== null && $operation->state === OperationState::Open && $operation->waits_for === self::short($decision->question)) {
            $operation->update(['waits_for' => '', 'waits_until' => null, 'version' => $operation->version + 1]);
            $this->recording->planAnew("decision about {$decision->build->number} {$operation->name}");
        }
    }

    private function day(Decision $decision): string
    {
        return Say::day((string) $decision->answered_at?->setTimezone($this->house->zone())->toDateString());
    }

    private static function short(string $question): string
    {
        return lcfirst(mb_strimwidth(rtrim($question, '?. '), 0, 100, '…'));
    }
}
