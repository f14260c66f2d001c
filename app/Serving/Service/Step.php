<?php

declare(strict_types=1);

namespace App\Serving\Service;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Something that is done to the machine: a command of the system, or a file that is written. */
final readonly class Step
{
    /**
     * @param  list<string>  $command
     * @param  string  $owner  user:group
     */
    private function __construct(
        public array $command = [],
        public string $file = '',
        public string $content = '',
        public int $mode = 0,
        public string $owner = '',
        public bool $mayFail = false,
    ) {
    }

    public static function run(string ...$command): self
    {
        return new self(array_values($command));
    }

    /** Where it fails there was nothing to do. */
    public static function try(string ...$command): self
    {
        return new self(array_values($command), mayFail: true);
    }

    public static function write(string $file, string $content, int $mode, string $owner = 'root:root'): self
    {
        return new self(file: $file, content: $content, mode: $mode, owner: $owner);
    }

    /** @throws RuntimeException where it cannot be done, and there was something to do */
    public function take(): void
    {
        if ($this->file === '') {
            $process = new Process($this->command, timeout: 120);
            $process->run();
            $process->isSuccessful() || $this->mayFail
                || throw new RuntimeException("“{$this->inWords()}” failed: ".trim($process->getErrorOutput()));

            return;
        }
        // Nobody reads half of a file, or one that is not theirs yet.
        $new = "{$this->file}.new";
        [$user, $group] = explode(':', $this->owner);
        @unlink($new);
        $isThere = @touch($new) && chmod($new, 0600) && file_put_contents($new, $this->content) !== false
            && chown($new, $user) && chgrp($new, $group) && chmod($new, $this->mode) && rename($new, $this->file);
        $isThere || throw new RuntimeException("{$this->file} cannot be written.");
    }

    /** As somebody would do it at a terminal. */
    public function inWords(): string
    {
        if ($this->file === '') {
            return implode(' ', array_map(
                static fn (string $word): string => preg_match('#^[\w@%+=:,./-]+$#', $word) === 1 ? $word : escapeshellarg($word), $this->command,
            ));
        }
        $secret = preg_replace('/^(APP_KEY=).*$/m', '$1…', $this->content);

        return sprintf("write %s (%04o, %s):\n%s", $this->file, $this->mode, $this->owner, preg_replace('/^/m', '    ', rtrim((string) $secret)));
    }
}
