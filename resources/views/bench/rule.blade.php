@php($rule = $page->rule())
@php($targets = $page->targets())
@php($print = $page->print)
    @if ($rule)
        <div class="rule" role="img" aria-label="{{ __('page/bench.rule.front_fender_dropped_halfway_full', ['at' => $print->nearest($targets->at(0.0)), 'halfway' => $print->nearest($targets->halfway()), 'full_return' => $print->nearest($targets->fullReturn())]) }}">
            <div class="strip">
                <i class="band" style="left: {{ $rule->band()['from'] }}%; right: calc(100% - {{ $rule->band()['to'] }}%)"></i>
                <i class="beyond" style="left: {{ $rule->fullReturn() }}%"></i>
            </div>
            <span class="at" style="left: {{ $rule->dropped() }}%"><strong>{{ $print->nearest($targets->at(0.0)) }}</strong><br>{{ __('page/bench.rule.dropped') }}</span>
            <span class="at" style="left: {{ $rule->halfway() }}%"><strong>{{ $print->nearest($targets->halfway()) }}</strong><br>{{ __('page/bench.rule.halfway') }}</span>
            <span class="at" style="left: {{ $rule->fullReturn() }}%"><strong>{{ $print->nearest($targets->fullReturn()) }}</strong><br>{{ __('page/bench.rule.full_return') }}</span>
            @if ($carried = $rule->carried())
                <span class="needle" style="left: clamp(4.6rem, {{ $carried['at'] }}%, calc(100% - 4.6rem))">{{ __('page/bench.rule.carried', ['height' => $print->nearest($page->reading(\Yoke\Rig\Stance::Carried, \Yoke\Rig\Axle::Front)->height())]) }}</span>
                <i class="needle-line" style="left: {{ $carried['at'] }}%"></i>
                <i class="whisker" style="left: {{ $carried['from'] }}%; right: calc(100% - {{ $carried['to'] }}%)"></i>
            @endif
        </div>
    @endif
