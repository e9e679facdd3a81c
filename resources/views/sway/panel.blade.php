@php($sway = $page->sway())
<div class="plan-panel" tabindex="0" aria-label="{{ __('page/sway.panel.what_invites_sway') }}">
    <h2>{{ __('page/sway.panel.what_invites_sway_on_this') }}</h2>
    @if ($sway->needsControlOfItsOwn())<p class="sentence" data-tone="caution">{{ __('sway.separate') }}</p>@endif
    @if (! $sway->isRead())<p class="sentence">{{ __('page/sway.panel.tongue_share_attitude_and_front') }}</p>@endif
    @if ($sway->invitations() === [])
        <p class="do-next is-in-range">{{ __('page/sway.panel.nothing_found_speed_still_invites') }}</p>
    @else
        <ol class="invitations">
            @foreach ($sway->invitations() as $one)
                <li @class(['is-strong' => $one['risk']->weight >= 0.5])>
                    <p><strong>{{ $one['what'] }}</strong> <span class="who">{{ $one['why'] }}</span></p>
                    <p class="sentence">{{ $one['remedy'] }} @if ($one['risk']->station !== $page->station)<a href="{{ route('bench', [$page->job, $one['risk']->station->value]) }}">{{ \App\Words\StationWords::title($one['risk']->station) }}</a>@endif</p>
                </li>
            @endforeach
        </ol>
        <p class="sentence">{{ __('page/sway.panel.speed_adds_to_each_of') }}</p>
    @endif
    @if ($sway->figures() !== [])
        <table class="ledger">
            <caption>{{ __('page/sway.panel.sway_control_in_figures_to') }}</caption>
            @foreach ($sway->figures() as [$what, $comes])<tr><th scope="row">{{ $what }}</th><td>{{ $comes }}</td></tr>@endforeach
        </table>
    @endif
    @foreach ($sway->earlier() as [$title, $day, $worse])
        <p class="sentence" data-tone="{{ $worse === [] ? 'note' : 'caution' }}">{{ __('page/sway.panel.against', ['title' => $title, 'day' => $day, 'worse' => $worse === [] ? __('page/sway.panel.nothing_worse') : implode(' ', $worse)]) }}</p>
    @endforeach
    <details class="derivation" open>
        <summary>{{ __('page/sway.panel.if_it_sways_on_the') }}</summary>
        <ol class="steps">@foreach (\App\Words\SwayWords::onTheRoad() as $step)<li>{{ $step }}</li>@endforeach</ol>
    </details>
</div>
