<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Trial;
use App\Models\Build\Build;
use App\Pages\Plan\HelpGain;
use App\Pages\Plan\HelpLine;
use App\Planning\Plan\Outlooks;
use App\Queries\Build\OpenBuilds;
use App\Support\Minutes;
use Closure;
use Illuminate\Validation\ValidationException;
use Regimen\Schedule\Problem\BuildId;

/** Whether another way of making the build that is latest would bring it forward; each way is really planned. */
final readonly class OtherMethods
{
    public const MOST_TRIED = 16;

    private const MOST_SHOWN = 5;

    public function __construct(
        private RouteQuestions $questions,
        private OpenBuilds $builds,
        private Outlooks $outlooks,
        private Trial $trial,
        private Changes $changes,
    ) {
    }

    /**
     * @param  (Closure(int): void)|null  $progress  told how many were tried
     * @return list<HelpLine>
     */
    public function ranked(?Closure $progress = null): array
    {
        $build = $this->latest();
        if ($build === null) {
            return [];
        }
        $before = $this->trial->plan([])->finish(BuildId::of($build->id)->number);
        $found = [];
        foreach ($before === null ? [] : array_slice(
            $this->questions->alternatives($build), 0, self::MOST_TRIED,
        ) as $tried => [$question, $answer]) {
            if ($progress !== null) {
                $progress($tried);
            }
            $body = ['kind' => 'method', 'build' => $build->number, 'question' => $question, 'answer' => $answer];
            $change = $this->changes->of($body);
            $after = $this->finish($build, $change);
            if ($after !== null && $after < $before) {
                $found[] = [$before - $after, new HelpLine(
                    words: rtrim($change->words(), '.'),
                    kind: 'method',
                    gains: [new HelpGain(
                        number: $build->number,
                        title: $build->title,
                        before: $this->day($before),
                        after: $this->day($after),
                        late: true,
                    )],
                    change: $body,
                )];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(array_slice($found, 0, self::MOST_SHOWN), 1);
    }

    /** The build with the least slack of those in danger. */
    private function latest(): ?Build
    {
        return $this->builds->all()->toBase()
            ->filter(
                fn (Build $build): bool => $this->builds->outlook($build)->inDanger()
                    && $this->builds->outlook($build)->slackDays !== null,
            )
            ->sortBy(fn (Build $build): int => (int) $this->builds->outlook($build)->slackDays)->first();
    }

    private function finish(Build $build, Change $change): ?int
    {
        try {
            return $this->trial->plan([$change])->finish(BuildId::of($build->id)->number);
        } catch (ValidationException) {
            return null;
        }
    }

    private function day(int $finish): string
    {
        return Minutes::toInstant($finish)->setTimezone($this->outlooks->zone())->toDateString();
    }
}
