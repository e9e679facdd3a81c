@php($advised = $plan->plan->ballAdvised())
<dl class="plan-list">
    <div><dt>Ball over level coupler</dt><dd><strong>{{ $plan->height($advised->mean()) }}</strong> <span class="who">{{ $plan->doubt($advised) }}</span></dd></div>
    <div><dt>Front fender</dt><dd><span class="who">dropped</span> <strong>{{ $plan->change($plan->plan->dropped()->frontRise()) }}</strong> <span class="who">carried</span> <strong>{{ $plan->change($plan->plan->carried()->frontRise()) }}</strong></dd></div>
    <div><dt>Rear fender</dt><dd><span class="who">dropped</span> <strong>{{ $plan->change($plan->plan->dropped()->rearRise()) }}</strong> <span class="who">carried</span> <strong>{{ $plan->change($plan->plan->carried()->rearRise()) }}</strong></dd></div>
    @if ($first = $plan->plan->firstSettings()[0] ?? null)
        <div><dt>First setting</dt><dd><strong>{{ $plan->setting($first) }}</strong> <span class="who">in band {{ $plan->percent($first->inBand) }}</span></dd></div>
    @endif
</dl>
@include('plan.over')
