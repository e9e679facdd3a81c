@php($advice = $page->advice())
@if ($advice === null)
    @include('bench.verdict')
@else
    @include('bench.tabs')
    @php($workup = $advice->workup)
    @php($trials = $page->trials())
    @foreach ($workup->doubtful() as $reading)
        <p class="do-next is-over">{{ $advice->doubtful($reading) }}</p>
    @endforeach
    @include('bench.tab-'.$page->look->tab->value)
@endif
