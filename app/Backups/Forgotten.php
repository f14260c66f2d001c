<?php

declare(strict_types=1);

namespace App\Backups;

use App\Models\Client\Client;
use App\Planning\Clients\Forgetting;
use Carbon\CarbonImmutable;

/**
 * Who was deleted on request, beside the shop’s database and outside of it: a copy that is put back may be older. By number and
 * by a mark of the name that says nothing about it, so that nobody else of that number is meant.
 */
final readonly class Forgotten
{
    public function __construct(private Forgetting $forgetting)
    {
    }

    public function add(Client $client, string $name, CarbonImmutable $at): void
    {
        $file = self::file();
        if ($file === null) {
            return;
        }
        $all = [...self::read($file), ['client' => $client->id, 'mark' => self::mark($name), 'at' => $at->toIso8601ZuluString()]];
        $temporary = $file.'.'.getmypid();
        file_put_contents($temporary, json_encode($all, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT));
        rename($temporary, $file);
    }

    /** @return int how many that a copy knew again were deleted again */
    public function again(): int
    {
        $count = 0;
        foreach (self::file() === null ? [] : self::read(self::file()) as $one) {
            $client = Client::query()->whereNull('forgotten_at')->find($one['client']);
            if ($client !== null && hash_equals($one['mark'], self::mark($client->name))) {
                $this->forgetting->forget($client, CarbonImmutable::parse($one['at']));
                $count++;
            }
        }

        return $count;
    }

    private static function mark(string $name): string
    {
        return hash_hmac('sha256', $name, (string) config('app.key'));
    }

    private static function file(): ?string
    {
        $database = (string) config('database.connections.sqlite.database');

        return $database === ':memory:' ? null : "{$database}.forgotten.json";
    }

    /** @return list<array{client: int, mark: string, at: string}> */
    private static function read(string $file): array
    {
        /** @var list<array{client: int, mark: string, at: string}> $all */
        $all = is_file($file) ? json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR) : [];

        return $all;
    }
}
