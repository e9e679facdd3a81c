<table class="card-figures">
    @if ($page->plan->described->sheets->isPlainBall())
    <tr><th scope="row">{{ __('page/card.body.setting') }}</th><td><strong>{{ __('need.on_the_card') }}</strong>. {{ $page->plan->need()->answer() }}</td></tr>
    @else
    <tr><th scope="row">{{ __('page/card.body.setting') }}</th><td><strong>{{ $page->settingInWords() ?: __('page/card.body.not_recorded') }}</strong> @if ($page->settingInWords() !== ''){{ __('page/card.body.on_both_sides_mark_it', ['counting' => $page->counting()]) }}@endif {{ $page->headHole() }}</td></tr>
    @endif
    @if ($page->head() !== '')<tr><th scope="row">{{ __('page/card.body.ball_unloaded') }}</th><td><strong>{{ $page->head() }}</strong></td></tr>@endif
    @php($verdict = $page->verdict())
    @unless ($page->plan->described->sheets->isPlainBall())<tr><th scope="row">{{ __('verdict.heading') }}</th><td>@if ($verdict)<span data-figure="share" data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span> (<span data-figure="verdict">{{ lcfirst(\App\Words\VerdictWords::verdict($verdict->verdict)) }}</span>).@if ($page->onTheRoad() !== '') {{ $page->onTheRoad() }}.@endif @else – @endif @if ($page->tongue() !== ''){{ __('page/card.body.tongue_weight') }} <span data-figure="tongue">{{ $page->tongue() }}</span>@endif</td></tr>@endunless
    @if ($page->gaugeTarget() !== '')<tr><th scope="row">{{ __('page/card.body.gauge') }}</th><td>{{ __('page/card.body.gauge_read', ['dropped' => $page->gauge(\Yoke\Rig\Parts\Stance::Dropped), 'carried' => $page->gauge(\Yoke\Rig\Parts\Stance::Carried)]) }} {{ $page->gaugeTarget() }}</td></tr>@endif
    @if ($page->brackets() !== '')<tr><th scope="row">{{ __('page/card.body.brackets') }}</th><td>{{ $page->brackets() }}</td></tr>@endif
    @if ($page->weighings() !== '')<tr><th scope="row">{{ __('page/card.body.weighbridge') }}</th><td>{{ $page->weighings() }}</td></tr>@endif
    @if ($page->fasteners() !== [])<tr><th scope="row">{{ __('page/card.body.torques_from_the_data_sheet') }}</th><td>@foreach ($page->fasteners() as $line){{ $line->label }} {{ $line->asked }} ({{ $line->done === null ? __('page/card.body.not_recorded') : ($line->says() === '' ? __('page/card.body.done', ['on' => $line->done->done_at->isoFormat('D MMM')]) : __('page/card.body.needs_attention')) }}){{ $loop->last ? '' : ', ' }}@endforeach</td></tr>@endif
    @if ($page->plan->figures()->pressures() !== [])<tr><th scope="row">{{ __('page/card.body.tyre_pressures_cold') }}</th><td>@foreach ($page->plan->figures()->pressures() as $label => $value){{ $label }} {{ $value }}{{ $loop->last ? '' : ', ' }}@endforeach</td></tr>@endif
</table>
<table class="card-heights">
    <tr><th></th>@foreach (\Yoke\Rig\Parts\Stance::cases() as $stance)<th scope="col">{{ \App\Words\RigWords::head($stance) }}</th>@endforeach</tr>
    @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)<tr><th scope="row">{{ __('page/card.body.fender', ['axle' => \App\Words\RigWords::axle($axle)]) }}</th>@foreach (\Yoke\Rig\Parts\Stance::cases() as $stance)<td>{{ $page->height($stance, $axle) }}</td>@endforeach</tr>@endforeach
    @foreach ($page->weighed() as $label => $loads)<tr class="is-weighed"><th scope="row">{{ __('page/card.body.weighed', ['axle' => $label]) }}</th>@foreach ($loads as [$load, $figure])<td @if ($figure !== '') data-figure="{{ $figure }}" @endif>{{ $load }}</td>@endforeach</tr>@endforeach
</table>
<table class="card-rechecks">
    <tr><th scope="col">{{ __('page/card.body.check_again') }}</th><th scope="col">{{ __('page/card.body.when') }}</th></tr>
    @foreach ($page->rechecks() as [$what, $when])<tr><td>{{ $what }}</td><td>{{ $when }}</td></tr>@endforeach
</table>
<p class="card-cautions"><strong>{{ __('page/card.body.cautions') }}</strong> {{ $page->cautions() }}</p>
<p class="card-cautions"><strong>{{ __('page/card.body.if_it_sways') }}</strong> {{ implode(' ', \App\Words\SwayWords::onTheRoad()) }}</p>
<p class="card-foot">{{ __('page/card.body.set_up_an_aid_to', ['booked_on' => ($page->job->handed_over_at ?? $page->job->booked_on)->isoFormat('D MMM YYYY')]) }}</p>
