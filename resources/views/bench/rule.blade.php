@php($rule = $page->rule())
@php($targets = $page->targets())
@php($print = $page->print)
    @if ($rule)
        <div class="rule" role="img" aria-label="{{ __('page/bench.rule.front_fender_dropped_halfway_full', ['at' => $print->nearest($targets->at(0.0)), 'halfway' => $print->nearest($targets->halfway()), 'full_return' => $print->nearest($targets->fullReturn())]) }}">
            <div class="strip">
                <i class="band x-from-{{ \App\Screens\View\Across::at($rule->band()['from']) }} x-to-{{ \App\Screens\View\Across::at($rule->band()['to']) }}"></i>
                <i class="beyond x-at-{{ \App\Screens\View\Across::at($rule->fullReturn()) }}"></i>
            </div>
            <span class="at x-at-{{ \App\Screens\View\Across::at($rule->dropped()) }}"><strong>{{ $print->nearest($targets->at(0.0)) }}</strong><br>{{ __('page/bench.rule.dropped') }}</span>
            <span class="at x-at-{{ \App\Screens\View\Across::at($rule->halfway()) }}"><strong>{{ $print->nearest($targets->halfway()) }}</strong><br>{{ __('page/bench.rule.halfway') }}</span>
            <span class="at x-at-{{ \App\Screens\View\Across::at($rule->fullReturn()) }}"><strong>{{ $print->nearest($targets->fullReturn()) }}</strong><br>{{ __('page/bench.rule.full_return') }}</span>
            @if ($carried = $rule->carried())
                <span class="needle x-at-{{ \App\Screens\View\Across::at($carried['at']) }}">{{ __('page/bench.rule.carried', ['height' => $print->nearest($page->reading(\Yoke\Rig\Parts\Stance::Carried, \Yoke\Rig\Parts\Axle::Front)->height())]) }}</span>
                <i class="needle-line x-at-{{ \App\Screens\View\Across::at($carried['at']) }}"></i>
                <i class="whisker x-from-{{ \App\Screens\View\Across::at($carried['from']) }} x-to-{{ \App\Screens\View\Across::at($carried['to']) }}"></i>
            @endif
        </div>
    @endif
