<?php

declare(strict_types=1);

namespace App\Console\Benches\Shops;

use App\Support\DemoSignIns;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** Somebody at a browser of their own, beside others in the same process. */
final class Visitor
{
    /** @var list<float> seconds until an answer was there */
    public array $waits = [];

    /** @var array<int, int> answers by status */
    public array $statuses = [];

    private readonly CookieJar $cookies;

    private readonly Client $client;

    public function __construct(string $address, CurlMultiHandler $all = new CurlMultiHandler)
    {
        $this->cookies = new CookieJar;
        $this->client = new Client([
            'base_uri' => $address, 'cookies' => $this->cookies, 'handler' => HandlerStack::create($all),
            'http_errors' => false, 'allow_redirects' => false, 'timeout' => 120,
        ]);
    }

    public function signIn(string $email): void
    {
        $this->client->get('/sign-in');
        $this->client->post('/sign-in', ['headers' => $this->headers(), 'form_params' => ['email' => $email, 'password' => DemoSignIns::PASSWORD]]);
    }

    /** @param  array<string, string>  $headers */
    public function get(string $path, array $headers = []): ResponseInterface
    {
        return $this->client->get($path, ['headers' => $headers]);
    }

    /** @param  array<string, mixed>  $input */
    public function send(string $method, string $path, array $input): ResponseInterface
    {
        return $this->client->request($method, $path, ['headers' => $this->headers(), 'json' => $input]);
    }

    /**
     * Does the same again and again until the time is over.
     *
     * @param  array<string, mixed>  $input
     */
    public function keepsOn(string $path, array $input, float $until): PromiseInterface
    {
        return Coroutine::of(function () use ($path, $input, $until) {
            while (microtime(true) < $until) {
                $start = microtime(true);
                /** @var ResponseInterface $answer */
                $answer = yield $this->client->postAsync($path, ['headers' => $this->headers(), 'json' => $input]);
                $this->waits[] = microtime(true) - $start;
                $this->statuses[$answer->getStatusCode()] = ($this->statuses[$answer->getStatusCode()] ?? 0) + 1;
            }
            yield true;
        });
    }

    /** @return array<string, string> */
    private function headers(): array
    {
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue();

        return ['X-XSRF-TOKEN' => urldecode((string) $token), 'Accept' => 'application/json'];
    }
}
