<?php

declare(strict_types=1);

namespace Regimen\Route\Methods;

use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\Tool;

/** How one build is made: what was chosen for it, over the house's defaults, over the trade's usual way. */
final readonly class Methods
{
    private const TOOL = 'tool:';

    /** @param  array<string, string>  $answers  by question, or by “tool:” and an operation's standard */
    private function __construct(public array $answers)
    {
    }

    public static function usual(): self
    {
        return new self([]);
    }

    /**
     * What is no answer any more, because the question or the choice has gone, is passed over.
     *
     * @param  array<string, mixed>  $house
     * @param  array<string, mixed>  $build  what differs for this build
     */
    public static function of(array $house, array $build = []): self
    {
        return new self(array_filter([...self::known($house), ...self::known($build)]));
    }

    /**
     * @param  array<string, mixed>  $answers
     * @return array<string, string>
     */
    private static function known(array $answers): array
    {
        $known = [];
        foreach ($answers as $key => $answer) {
            $isKnown = is_string($answer) && (str_starts_with($key, self::TOOL)
                ? Tool::tryFrom($answer) !== null
                : Question::tryFrom($key)?->choice($answer) !== null);
            if ($isKnown) {
                $known[$key] = $answer;
            }
        }

        return $known;
    }

    public static function toolKey(string $standard): string
    {
        return self::TOOL.$standard;
    }

    public function with(string $key, string $answer): self
    {
        return self::of($this->answers, [$key => $answer]);
    }

    public function answer(Question $question): string
    {
        return $this->answers[$question->value] ?? $question->usual();
    }

    public function is(Question $question, string $choice): bool
    {
        return $this->answer($question) === $choice;
    }

    /** Whether the answer is the trade's usual one. */
    public function isUsual(Question $question): bool
    {
        return $this->is($question, $question->usual());
    }

    /** From which face the fret slots are sawn. */
    public function slots(): SlotsSawn
    {
        return $this->is(Question::Slots, 'arc') ? SlotsSawn::FromTheArc : SlotsSawn::FromTheFlat;
    }

    public function glue(Question $question): Adhesive
    {
        return Adhesive::from($this->answer($question));
    }

    /** With what an operation is done, if something else than the house's usual way was chosen. */
    public function tool(string $standard): ?Tool
    {
        return Tool::tryFrom($this->answers[self::TOOL.$standard] ?? '');
    }
}
