<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\ForgetClient;
use App\Actions\Clients\ImportCards;
use App\Actions\Clients\JoinClients;
use App\Actions\Clients\KeepClient;
use App\Http\Requests\Clients\CardsRequest;
use App\Http\Requests\Clients\ClientRequest;
use App\Http\Requests\Clients\ForgetRequest;
use App\Http\Requests\Clients\JoinRequest;
use App\Http\Requests\Clients\TalkRequest;
use App\Models\Client\Client;
use App\Pages\Page;
use App\Queries\Clients\ClientCards;
use App\Queries\Clients\ClientPage;
use App\Queries\Clients\ClientsPage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Regimen\Units\UnreadableFile;

/** Who commissions. */
final class ClientController
{
    public function index(Request $request, ClientsPage $page): Page
    {
        return $page->data(mb_substr(trim($request->string('find')->toString()), 0, 80));
    }

    public function show(Client $client, ClientPage $page): Page|RedirectResponse
    {
        return $client->joined_id === null ? $page->data($client) : redirect()->route('clients.one', $client->joined_id);
    }

    public function store(ClientRequest $request, KeepClient $keep): RedirectResponse
    {
        $client = $keep($request->person(), null, 0, $request->said());

        return redirect()->route('clients.one', $client)->with('done', "{$client->name} is a client.");
    }

    public function change(Client $client, ClientRequest $request, KeepClient $keep): RedirectResponse
    {
        $keep($request->person(), $client, $request->version(), $request->said());

        return back()->with('done', 'Saved.');
    }

    public function talk(Client $client, TalkRequest $request, KeepClient $keep): RedirectResponse
    {
        $keep->talked($request->person(), $client, trim($request->string('text')->toString()));

        return back()->with('done', 'Written down.');
    }

    public function join(Client $client, JoinRequest $request, JoinClients $join): RedirectResponse
    {
        $join($request->person(), $client, $request->version(), $request->other(), $request->integer('seen'));

        return redirect()->route('clients.one', $client)->with('done', 'The two entries are one now.');
    }

    public function forget(Client $client, ForgetRequest $request, ForgetClient $forget): RedirectResponse
    {
        $stays = $forget($request->person(), $client, $request->version());

        return redirect()->route('clients')->with('done', trim("Client {$client->id} is deleted. {$stays}"));
    }

    public function cards(ClientCards $cards): Response
    {
        return self::vcf($cards->all(), 'clients');
    }

    public function card(Client $client, ClientCards $cards): Response
    {
        return self::vcf($cards->of($client), "client-{$client->id}");
    }

    public function look(CardsRequest $request, ClientCards $cards): JsonResponse
    {
        return response()->json($cards->look($request));
    }

    public function import(CardsRequest $request, ImportCards $import): RedirectResponse
    {
        try {
            $read = $request->cards();
        } catch (UnreadableFile $wrong) {
            throw Refused::because($wrong->getMessage()."\nNothing was taken.", 'file');
        }
        $count = $import($request->person(), $read);

        return back()->with('done', $count === 0 ? 'The address book says nothing that is not known already.' : Say::count($count, 'client').' taken or added to.');
    }

    private static function vcf(string $text, string $name): Response
    {
        return response($text, 200, ['Content-Type' => 'text/vcard; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$name}.vcf\""]);
    }
}
