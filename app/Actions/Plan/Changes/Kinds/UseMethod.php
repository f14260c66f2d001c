<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfBuild;
use App\Actions\Plan\Changes\Tools;
use App\Actions\Route\MethodWords;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Planning\Route\RouteTrial;
use App\Planning\Specification\Revisions;
use App\Support\Refused;
use Regimen\Route\Methods\Methods;

/** A build is made in another way than the house makes it: one question is answered otherwise, or several. */
final readonly class UseMethod implements AskedFor, Lapses
{
    use OfBuild;

    /**
     * @param  array<string, string>  $answers  by question or tool; nothing for what the house decides
     * @param  array<string, string>|null  $left  how the build answered the same when it was changed: only while it does
     * @param  bool  $isOne  one way that was asked for, and is refused where there is none such
     */
    private function __construct(
        private int $number,
        private array $answers,
        private ?array $left,
        private bool $isOne,
        private Tools $tools,
    ) {
    }

    /** @param  array<string, string>  $answers  what is no way to do anything any more is passed over */
    public static function several(int $number, array $answers, Tools $tools): self
    {
        return new self($number, $answers, null, false, $tools);
    }

    public static function kind(): string
    {
        return 'method';
    }

    public static function heading(): ?string
    {
        return null;
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->build(),
            AskedField::of('question', 'question', 'required', 'string', 'max:60'),
            AskedField::of('answer', 'way', 'required', 'string', 'max:60'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        $isOne = ! $body->has('answers');

        return new self(
            $body->whole('build'),
            $isOne ? [$body->text('question') => $body->text('answer')] : $body->texts('answers'),
            $body->has('was') ? $body->texts('was') : null, $isOne, $tools,
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'build' => $this->number,
            ...$this->isOne
                ? ['question' => array_key_first($this->answers), 'answer' => implode('', $this->answers)]
                : ['answers' => $this->answers],
            ...$this->left === null ? [] : ['was' => $this->left],
        ];
    }

    public function words(): string
    {
        return "No. {$this->build()->number}: ".MethodWords::of($this->answers).'.';
    }

    public function make(?Person $by): self
    {
        $build = $this->buildInTheMaking();
        $problem = $this->unknown() ?? $this->trial($build)->problem;
        if ($problem !== null) {
            throw Refused::because($problem, 'answer');
        }
        $before = self::of($build, $this->answers);
        $build->update(['methods' => array_diff_assoc($this->own($build), $this->tools->house->methods()->answers)]);
        $useless = $this->tools->sync->apply(
            $build,
            $this->tools->drafting->draft(Revisions::read($build->specification)->orFail(), $build),
        );
        if ($useless !== []) {
            $this->tools->logbook->write($build, $by, 'route', implode(' ', $useless));
        }

        return new self($this->number, $before, self::of($build, $this->answers), false, $this->tools);
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return self::notInTheMaking($build) ?? match (true) {
            $this->left !== null && self::of($build, $this->answers) !== $this->left => "{$build->name()} is made in another way since.",
            default => $this->trial($build)->problem,
        };
    }

    public function entry(): string
    {
        return 'route';
    }

    /** What is asked for and is no way to do anything. */
    private function unknown(): ?string
    {
        $asked = $this->isOne ? array_filter($this->answers) : [];

        return count(Methods::of($asked)->answers) < count($asked) ? 'There is no such way to do it.' : null;
    }

    private function trial(Build $build): RouteTrial
    {
        $methods = Methods::of($this->tools->house->shop()->methods, $this->own($build));

        return RouteTrial::methods($build, $methods, $this->tools->drafting, $this->tools->routes, $this->tools->house);
    }

    /** @return array<string, string> what this build answers for itself, with the answers that are asked for */
    private function own(Build $build): array
    {
        return Methods::of([], [...$build->methods, ...$this->answers])->answers;
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
