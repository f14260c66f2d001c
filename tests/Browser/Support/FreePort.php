<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

final class FreePort
{
    private const PATIENCE_SECONDS = 60;

    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new \RuntimeException('No port is free on 127.0.0.1.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    public static function waitFor(int $port): void
    {
        $end = microtime(true) + self::PATIENCE_SECONDS;
        while (microtime(true) < $end) {
            $connection = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 1);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException("Nothing answers on port {$port}.");
    }
}
