<div class="verdict">
    @include('bench.evidence')
    @include('bench.rule')
    @if ($page->rake() !== '')<p class="sentence" data-rake>{{ $page->rake() }}</p>@endif
    @if (! $page->isForbidden())
        <ul class="reasons">
            @foreach ($advice->because() as $sentence)<li>{{ $sentence }}</li>@endforeach
            @if ($advice->runnersUp() !== [])
                <li><strong>{{ __('page/bench.tab-next.other_options') }}</strong> @foreach ($advice->runnersUp() as $other){{ $advice->name($other) }} ({{ $advice->says->chance($other->chance) }}){{ $loop->last ? '.' : '; ' }}@endforeach</li>
            @endif
            @if ($advice->ruledOut() !== [])
                <li><strong>{{ __('page/bench.tab-next.ruled_out') }}</strong> @foreach ($advice->ruledOut() as $why => $many){{ trans_choice('setting.ruled_out', $many, ['count' => $many, 'why' => $why]) }}{{ $loop->last ? '.' : '; ' }}@endforeach</li>
            @endif
        </ul>
    @endif
    @if ($advice->verdict() === null)<div id="assumed" data-stays="assumed">@unless ($isTyping ?? false)@include('plan.assumptions', ['plan' => $page->plan()])@endunless</div>@endif
</div>
