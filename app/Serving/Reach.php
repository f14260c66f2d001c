<?php

declare(strict_types=1);

namespace App\Serving;

use InvalidArgumentException;

/** From where the shop can be reached: this machine alone, the shop’s own network, or everywhere under a name of its own. */
final readonly class Reach
{
    /** @param  int|null  $pagePort  of the page that tells a phone how to trust the shop, on the shop’s own network */
    private function __construct(public int $port, public ?int $pagePort = null, public ?string $domain = null)
    {
        foreach ([$port, $pagePort ?? 1] as $one) {
            if ($one < 1 || $one > 65_535) {
                throw new InvalidArgumentException("A port is a number from 1 to 65535, not {$one}.");
            }
        }
    }

    public static function thisMachine(int $port): self
    {
        return new self($port);
    }

    /** @throws InvalidArgumentException when both are the same */
    public static function network(int $port, int $pagePort): self
    {
        if ($port === $pagePort) {
            throw new InvalidArgumentException('The shop and the page that tells how to trust it need two ports.');
        }

        return new self($port, $pagePort);
    }

    /** @throws InvalidArgumentException when it is no name that everybody can look up */
    public static function domain(string $name): self
    {
        $name = strtolower($name);
        if (preg_match('/^(?=.{4,253}$)([a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z]{2,63}$/', $name) !== 1) {
            throw new InvalidArgumentException("“{$name}” is no domain, such as shop.example.org.");
        }

        return new self(443, null, $name);
    }

    public function isOnNetwork(): bool
    {
        return $this->pagePort !== null;
    }

    /** Whether a port of it is kept for services of the system. */
    public function needsLowPort(): bool
    {
        return $this->port < 1024 || ($this->pagePort ?? 1024) < 1024;
    }

    /** The options of regimen:web that say the same. */
    public function options(): string
    {
        return match (true) {
            $this->domain !== null => "{$this->port} --domain={$this->domain}",
            $this->pagePort !== null => "{$this->port} --lan --page-port={$this->pagePort}",
            default => (string) $this->port,
        };
    }

    /** @throws InvalidArgumentException when it is not what options() gives */
    public static function of(string $options): self
    {
        if (preg_match('/^(\d{1,5})(?: --lan --page-port=(\d{1,5})| --domain=(\S+))?$/', $options, $one) !== 1) {
            throw new InvalidArgumentException("“{$options}” says not how the shop is reached.");
        }

        return match (true) {
            isset($one[3]) => self::domain($one[3]),
            isset($one[2]) => self::network((int) $one[1], (int) $one[2]),
            default => self::thisMachine((int) $one[1]),
        };
    }

    /** @param  list<string>  $names  of this machine on its network, the first one best */
    public function address(array $names = []): string
    {
        $port = $this->port === 443 ? '' : ":{$this->port}";

        return match (true) {
            $this->domain !== null => "https://{$this->domain}",
            $this->isOnNetwork() => 'https://'.($names[0] ?? 'localhost').$port,
            default => "http://127.0.0.1:{$this->port}",
        };
    }
}
