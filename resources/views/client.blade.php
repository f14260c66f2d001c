<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="robots" content="noindex, nofollow">
        @if ($style === null)
            <link rel="icon" href="/icon.svg" type="image/svg+xml">
        @endif
        <title>{{ $sheet->headline }}</title>
        @if ($style === null)
            @vite('resources/css/client.css')
        @else
            <style>{!! $style !!}</style>
        @endif
    </head>
    <body>
        <main>
            <p class="quiet">{{ $sheet->shop }}, for {{ $sheet->client }}</p>
            <h1>{{ $sheet->headline }}</h1>
            @if ($drawing !== '')
                <div class="drawing">{!! $drawing !!}</div>
                <p class="quiet small">{{ ucfirst($sheet->instrument) }}. Dashed: not made yet.</p>
            @endif
            @if ($sheet->stages !== [])
                <ol class="stages" aria-label="How far it is">
                    @foreach ($sheet->stages as $stage)
                        <li @class(['now' => $stage['isNow']])>
                            <svg viewBox="0 0 40 12" preserveAspectRatio="none" aria-hidden="true"><rect class="room" x="0.5" y="0.5" width="39" height="11"/><rect class="done" x="0" y="0" width="{{ 40 * $stage['share'] }}" height="12"/></svg>
                            <span class="{{ $stage['isNow'] ? '' : 'unseen' }}">{{ $stage['name'] }}{{ $stage['isNow'] ? '' : ($stage['share'] >= 1 ? ', done' : ', to come') }}</span>
                        </li>
                    @endforeach
                </ol>
            @endif
            @foreach ($sheet->decisions as $decision)
                <section aria-label="{{ $decision['question'] }}">
                    @if ($decision['answer'] === '')
                        <h2>We need you by {{ $decision['by'] }}</h2>
                        <p>{{ $decision['question'] }} {{ $decision['cost'] }}</p>
                        @if ($answer !== null)
                            <form method="post" action="{{ $answer }}/{{ $decision['id'] }}">
                                @forelse ($decision['options'] as $option)
                                    <button type="submit" name="answer" value="{{ $option }}">{{ $option }}</button>
                                @empty
                                    <label>Your answer <input name="answer" maxlength="300" required></label>
                                    <button type="submit">Send it</button>
                                @endforelse
                                @if ($sheet->mail !== '')<a href="mailto:{{ $sheet->mail }}">Ask us</a>@endif
                            </form>
                        @else
                            <p>@if ($decision['options'] !== []){{ implode(' or ', $decision['options']) }}? @endif Write to us: @if ($sheet->mail !== '')<a href="mailto:{{ $sheet->mail }}">{{ $sheet->mail }}</a>@endif</p>
                        @endif
                    @else
                        <h2>You decided</h2>
                        <p>{{ $decision['question'] }} <b>{{ $decision['answer'] }}</b>. <span class="quiet">To change your mind, write to us; it may cost days and work that is done.</span></p>
                    @endif
                </section>
            @endforeach
            @if ($said !== '')<p class="said" role="status">{{ $said }}</p>@endif
            @if ($sheet->promise !== '')
                <section aria-label="When it is ready">
                    <h2>{{ $sheet->promise }}</h2>
                    <p class="quiet">{{ $sheet->since }}</p>
                </section>
            @endif
            @if ($photographs !== [])
                <section aria-label="Photographs">
                    <div class="photographs">
                        @foreach ($photographs as [$source, $words])
                            <figure><img src="{{ $source }}" alt="{{ $words }}" loading="lazy"><figcaption class="quiet small">{{ $words }}</figcaption></figure>
                        @endforeach
                    </div>
                </section>
            @endif
            @foreach ($sheet->papers as $paper)
                <p class="payment"><span>{{ $paper['what'] }} <span class="quiet small">{{ $paper['words'] }}</span></span> <b>{{ $paper['amount'] }}</b></p>
            @endforeach
            @foreach ($sheet->payments as $payment)
                <p class="payment"><span>{{ $payment['what'] }} <span class="quiet small">{{ $payment['when'] }}</span></span> <b>{{ $payment['amount'] }}</b></p>
            @endforeach
        </main>
    </body>
</html>
