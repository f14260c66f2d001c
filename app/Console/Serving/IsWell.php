<?php

declare(strict_types=1);

namespace App\Console\Serving;

use App\Serving\Reach;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Illuminate\Console\Command;

/** Whether the shop answers as it is served: its own account of itself, and a page with what belongs to it. */
final class IsWell extends Command
{
    protected $signature = 'regimen:well {address? : where it is served; as a service under its own} {--wait=30 : seconds until it has to be there}';

    protected $description = 'Ask the served shop how it is';

    protected $hidden = true;

    private const PATIENCE = 12;

    public function handle(): int
    {
        $address = (string) ($this->argument('address') ?? Reach::of((string) config('regimen.reach'))->address(['localhost']));
        // Asked of this machine itself, whatever its name is elsewhere, and whoever vouches for it.
        $client = new Client([
            'base_uri' => $address, 'verify' => false, 'timeout' => 20, 'http_errors' => false, 'allow_redirects' => true,
            'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']],
        ]);
        $words = 'it did not answer';
        $wrong = 0;
        // Whoever answers, and wrongly again and again, is not about to get well.
        for ($until = time() + (int) $this->option('wait'); time() <= $until && $wrong < self::PATIENCE; usleep(300_000)) {
            try {
                $up = $client->get('/up');
                $page = $client->get('/sign-in');
                if ($up->getStatusCode() === 200 && $page->getStatusCode() === 200) {
                    return self::SUCCESS;
                }
                $wrong++;
                $words = "it answered {$up->getStatusCode()} and {$page->getStatusCode()}: ".trim((string) $up->getBody());
            } catch (GuzzleException $failed) {
                $words = $failed->getMessage();
            }
        }
        $this->error("The shop at {$address} is not well: {$words}");

        return self::FAILURE;
    }
}
