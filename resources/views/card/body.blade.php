<table class="card-figures">
    <tr><th scope="row">Setting</th><td><strong>{{ $page->settingInWords() ?: 'not recorded' }}</strong> on both sides. {{ $page->counting() }} Mark it.</td></tr>
    @if ($page->head() !== '')<tr><th scope="row">Ball, unloaded</th><td><strong>{{ $page->head() }}</strong></td></tr>@endif
    @php($verdict = $page->verdict())
    <tr><th scope="row">{{ __('verdict.heading') }}</th><td>@if ($verdict)<span data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span> ({{ lcfirst(\App\Words\VerdictWords::verdict($verdict->verdict)) }}). {{ $page->onTheRoad() }}@else – @endif</td></tr>
    @if ($page->fasteners() !== [])<tr><th scope="row">Torques, from the data sheet</th><td>@foreach ($page->fasteners() as $line){{ $line->label }} {{ $line->asked }} ({{ $line->done === null ? 'not recorded' : ($line->says() === '' ? 'done '.$line->done->done_at->format('j M') : 'needs attention') }}){{ $loop->last ? '' : ', ' }}@endforeach</td></tr>@endif
    @if ($page->plan->pressures() !== [])<tr><th scope="row">Tyre pressures, cold</th><td>@foreach ($page->plan->pressures() as $label => $value){{ $label }} {{ $value }}{{ $loop->last ? '' : ', ' }}@endforeach</td></tr>@endif
</table>
<table class="card-heights">
    <tr><th></th>@foreach (\Yoke\Rig\Stance::cases() as $stance)<th scope="col">{{ ucfirst($stance->value) }}</th>@endforeach</tr>
    @foreach (\Yoke\Rig\Axle::cases() as $axle)<tr><th scope="row">{{ ucfirst($axle->value) }} fender</th>@foreach (\Yoke\Rig\Stance::cases() as $stance)<td>{{ $page->height($stance, $axle) }}</td>@endforeach</tr>@endforeach
</table>
<table class="card-rechecks">
    <tr><th scope="col">Check again</th><th scope="col">When</th></tr>
    @foreach ($page->rechecks() as [$what, $when])<tr><td>{{ $what }}</td><td>{{ $when }}</td></tr>@endforeach
</table>
<p class="card-cautions"><strong>Cautions.</strong> {{ $page->cautions() }}</p>
<p class="card-cautions"><strong>If it sways.</strong> {{ implode(' ', \App\Words\SwayWords::onTheRoad()) }}</p>
<p class="card-foot">Set up {{ ($page->job->handed_over_at ?? $page->job->booked_on)->format('j M Y') }}. An aid to measuring, not a certificate. The makers' instructions and local law come first; if in doubt, a licensed workshop.</p>
