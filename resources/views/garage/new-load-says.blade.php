@if ($page->plan === null)
    <p class="sentence" data-tone="stop">{{ __('page/garage.new-load-says.this_pair_cannot_be') }}</p>
@else
    @if ($words = $page->gauge())
        @include('bench.gauge-target')
        <p class="sentence">{{ __('gauge.minute') }}</p>
    @elseif ($first = $page->plan->firstMove())
        <p class="do-next">{{ __('move.first', ['setting' => $page->plan->setting($first->forecast)]) }} <strong>{{ __('move.chance', ['chance' => ucfirst($page->plan->chance($first->forecast->chance))]) }}</strong></p>
    @endif
    @foreach ($page->cautions() as $caution)<p class="sentence" data-tone="stop">{{ $caution }}</p>@endforeach
    @if ($page->head() !== '')<p class="sentence" data-tone="note">{{ $page->head() }}</p>@endif
    @if ($page->bolted() !== '')<p class="sentence">{{ $page->bolted() }}</p>@endif
    @foreach ($page->plan->ratings()->complaints() as [$complaint, $isOver])<p class="sentence" data-tone="{{ $isOver ? 'stop' : 'caution' }}">{{ $complaint }}</p>@endforeach
@endif
