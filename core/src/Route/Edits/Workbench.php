<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\CyclicRoute;
use Regimen\Route\Link;
use Regimen\Route\Loops;
use Regimen\Route\Operation;
use Regimen\Route\Route;

/** A route while it is being changed. */
final class Workbench
{
    /** Names the links that somebody has made themselves. */
    public const OWN = 'own change';

    /** @var array<string, Operation> */
    private array $operations = [];

    /** @var array<string, Link> */
    private array $links = [];

    public function __construct(private readonly Route $derived)
    {
        foreach ($derived->operations as $operation) {
            $this->operations[$operation->key] = $operation;
        }
        foreach ($derived->links as $link) {
            $this->links["{$link->before} {$link->after}"] = $link;
        }
    }

    public function has(string $key): bool
    {
        return isset($this->operations[$key]);
    }

    /** @throws ImpossibleEdit */
    public function operation(string $key): Operation
    {
        return $this->operations[$key] ?? throw ImpossibleEdit::missing($key);
    }

    public function nameOf(string $key): string
    {
        return $this->operations[$key]->name ?? $key;
    }

    /** Puts an operation on the bench, after another one where that is said; one with the same key is replaced. */
    public function put(Operation $operation, ?string $behind = null): void
    {
        if ($behind === null || isset($this->operations[$operation->key])) {
            $this->operations[$operation->key] = $operation;

            return;
        }
        $all = [];
        foreach ($this->operations as $key => $one) {
            $all[$key] = $one;
            if ($key === $behind) {
                $all[$operation->key] = $operation;
            }
        }
        $this->operations = $all;
    }

    /** Takes an operation away; what was before it stays before what was after it. */
    public function drop(string $key): void
    {
        foreach ($this->before($key) as $before) {
            foreach ($this->after($key) as $after) {
                if (! isset($this->links["{$before->before} {$after->after}"])) {
                    $this->links["{$before->before} {$after->after}"] = new Link(
                        $before->before, $after->after, $after->reason, rule: $after->rule,
                    );
                }
            }
        }
        foreach ([...$this->before($key), ...$this->after($key)] as $link) {
            $this->unlink($link->before, $link->after);
        }
        unset($this->operations[$key]);
    }

    public function link(Link $link): void
    {
        $this->links["{$link->before} {$link->after}"] = $link;
    }

    public function isLinked(string $before, string $after): bool
    {
        return isset($this->links["{$before} {$after}"]);
    }

    public function unlink(string $before, string $after): void
    {
        unset($this->links["{$before} {$after}"]);
    }

    /** @return list<Link> into an operation */
    public function before(string $key): array
    {
        return array_values(array_filter($this->links, static fn (Link $link): bool => $link->after === $key));
    }

    /** @return list<Link> out of an operation */
    public function after(string $key): array
    {
        return array_values(array_filter($this->links, static fn (Link $link): bool => $link->before === $key));
    }

    /** @return array<string, true> what comes after an operation, directly or not */
    public function descendants(string $key): array
    {
        $found = [];
        $left = [$key];
        while ($left !== []) {
            foreach ($this->after((string) array_pop($left)) as $link) {
                if (! isset($found[$link->after])) {
                    $found[$link->after] = true;
                    $left[] = $link->after;
                }
            }
        }

        return $found;
    }

    /** @throws ImpossibleEdit if operations wait for each other in a circle */
    public function mustHaveAnOrder(): void
    {
        $loop = Loops::first(array_keys($this->operations), $this->links);
        if ($loop !== []) {
            throw ImpossibleEdit::because(
                CyclicRoute::through(
                    array_map(fn (Link $link): string => $this->nameOf($link->before), $loop),
                )->getMessage(),
            );
        }
    }

    public function route(): Route
    {
        return Route::of(array_values($this->operations), array_values($this->links), $this->derived->clashes);
    }
}
