@php($sway = $page->sway())
<div class="plan-panel" tabindex="0" aria-label="What invites sway">
    <h2>What invites sway on this rig</h2>
    @if (! $sway->isRead())<p class="sentence">Tongue share, attitude and front axle appear here once carried is measured. Until then only what you can see.</p>@endif
    @if ($sway->invitations() === [])
        <p class="do-next is-in-range">Nothing found. Speed still invites sway on any rig, and no safe speed can be given.</p>
    @else
        <ol class="invitations">
            @foreach ($sway->invitations() as $one)
                <li @class(['is-strong' => $one['risk']->weight >= 0.5])>
                    <p><strong>{{ $one['what'] }}</strong> <span class="who">{{ $one['why'] }}</span></p>
                    <p class="sentence">{{ $one['remedy'] }} @if ($one['risk']->station !== $page->station)<a href="{{ route('bench', [$page->job, $one['risk']->station->value]) }}">{{ \App\Words\StationWords::title($one['risk']->station) }}</a>@endif</p>
                </li>
            @endforeach
        </ol>
        <p class="sentence">Speed adds to each of these, and no safe speed can be given.</p>
    @endif
    @if ($sway->figures() !== [])
        <table class="ledger">
            <caption>Sway control in figures, to compare set-ups of this rig</caption>
            @foreach ($sway->figures() as [$what, $comes])<tr><th scope="row">{{ $what }}</th><td>{{ $comes }}</td></tr>@endforeach
        </table>
    @endif
    @foreach ($sway->earlier() as [$title, $day, $worse])
        <p class="sentence" data-tone="{{ $worse === [] ? 'note' : 'caution' }}">Against {{ $title }}, {{ $day }}: {{ $worse === [] ? 'nothing that invites sway is worse.' : implode(' ', $worse) }}</p>
    @endforeach
    <details class="derivation" open>
        <summary>If it sways on the road</summary>
        <ol class="steps">@foreach (\App\Words\SwayWords::onTheRoad() as $step)<li>{{ $step }}</li>@endforeach</ol>
    </details>
</div>
