<?php

declare(strict_types=1);

namespace Regimen\Route\Judge;

use Regimen\Route\Operation;
use Regimen\Route\Route;
use Regimen\Route\Standards\Skill;

/** What the shop lacks for a route: stations, fixtures, people. */
final readonly class ShopFit
{
    /**
     * @param  array<string, int>  $owned  stations and fixtures by key
     * @param  array<string, string>  $names  of stations and fixtures by key
     * @param  list<string>  $skills  that somebody in the shop has
     */
    public function __construct(private array $owned, private array $names, private array $skills)
    {
    }

    /** @return array<string, string> what is wrong and what would fix it, by the key of the operation */
    public function problems(Route $route): array
    {
        $problems = [];
        foreach ($route->operations as $operation) {
            $problem = $this->problem($operation);
            if ($problem !== null) {
                $problems[$operation->key] = $problem;
            }
        }

        return $problems;
    }

    public function problem(Operation $operation): ?string
    {
        return $this->needs(
            $operation->name, $operation->standard->station, $operation->standard->fixture,
            $operation->standard->fixtures, $operation->work()->minutes > 0 ? $operation->standard->skill : null,
        );
    }

    public function needs(string $name, ?string $station, ?string $fixture, int $fixtures, ?Skill $skill): ?string
    {
        $owned = fn (?string $key): int => $this->owned[$key ?? ''] ?? 0;
        $named = fn (string $key): string => $this->names[$key] ?? $key;

        return match (true) {
            $station !== null
                && $owned($station) < 1 => "“{$name}” wants the {$named($station)}, which the shop does not have. "
                    .'Choose another way, or enter it under House.',
            $fixture !== null
                && $owned($fixture) < $fixtures => "“{$name}” wants {$fixtures} of the {$named($fixture)}; the shop "
                    ."has {$owned($fixture)}. Change the house standard, or enter how many there are under House.",
            $skill !== null
                && ! in_array(
                    $skill->value, $this->skills, true,
                ) => "“{$name}” wants the skill “{$skill->value}”, which nobody in the shop has. Give it to someone "
                    .'under People, or change the operation’s skill.',
            default => null,
        };
    }
}
