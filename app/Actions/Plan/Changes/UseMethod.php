<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Route\MethodWords;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Route\RouteTrial;
use App\Planning\Specification\Revisions;
use App\Support\Logbook;
use App\Support\Refused;
use Regimen\Route\Methods\Methods;

/** A build is made in another way than the house makes it: one question is answered otherwise, or several. */
final readonly class UseMethod implements Change, Lapses
{
    public function __construct(
        private Body $body,
        private House $house,
        private Routes $routes,
        private Drafting $drafting,
        private RouteSync $sync,
        private Logbook $logbook,
    ) {
    }

    public function words(): string
    {
        return "No. {$this->build()->number}: ".MethodWords::of($this->answers()).'.';
    }

    public function make(?Person $by): array
    {
        $build = $this->build();
        $problem = $this->unknown() ?? $this->trial($build)->problem;
        if ($problem !== null) {
            throw Refused::because($problem, 'answer');
        }
        $before = self::of($build, $this->answers());
        $build->update(['methods' => array_diff_assoc($this->own($build), $this->house->methods()->answers)]);
        $useless = $this->sync->apply(
            $build,
            $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build),
        );
        if ($useless !== []) {
            $this->logbook->write($build, $by, 'route', implode(' ', $useless));
        }

        return [
            'kind' => 'method', 'build' => $build->number, 'answers' => $before,
            'was' => self::of($build, $this->answers()),
        ];
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return match (true) {
            $build->status !== BuildStatus::Open => "{$build->name()} is not in the making any more.",
            $this->body->has('was') && self::of($build, $this->answers()) !== $this->body->list('was') => "{$build->name()} is made in another way since.",
            default => $this->trial($build)->problem,
        };
    }

    public function build(): Build
    {
        return Build::query()->with('specification')->where('number', $this->body->whole('build'))->firstOrFail();
    }

    /** @return array<string, string> by question or tool; nothing for what the house decides */
    private function answers(): array
    {
        $answers = $this->body->has('answers')
            ? $this->body->list('answers')
            : [$this->body->text('question') => $this->body->text('answer')];

        return array_map(static fn (mixed $answer): string => is_scalar($answer) ? (string) $answer : '', $answers);
    }

    /** What is asked for and is no way to do anything; a pattern's answers that have gone are passed over. */
    private function unknown(): ?string
    {
        $asked = $this->body->has('answers') ? [] : array_filter($this->answers());

        return count(Methods::of($asked)->answers) < count($asked) ? 'There is no such way to do it.' : null;
    }

    private function trial(Build $build): RouteTrial
    {
        $methods = Methods::of($this->house->shop()->methods, $this->own($build));

        return RouteTrial::methods($build, $methods, $this->drafting, $this->routes, $this->house);
    }

    /** @return array<string, string> what this build answers for itself, with the answers that are asked for */
    private function own(Build $build): array
    {
        return Methods::of([], [...$build->methods, ...$this->answers()])->answers;
    }

    /**
     * @param  array<string, string>  $answers
     * @return array<string, string> how the build answers the same now
     */
    private static function of(Build $build, array $answers): array
    {
        $now = [];
        foreach (array_keys($answers) as $key) {
            $now[$key] = $build->methods[$key] ?? '';
        }

        return $now;
    }
}
