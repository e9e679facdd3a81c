@php($open = $page->leftOpen()->all())
@if ($open === [])
    <p class="sentence" data-left-open>{{ __('left-open.nothing') }}</p>
@else
    <section class="left-open" aria-label="{{ __('left-open.heading') }}" data-left-open>
        <h2>{{ __('left-open.heading') }}</h2>
        <ul>@foreach ($open as $one)<li><a href="{{ route('bench', [$page->job, $one['station']->value]) }}">{{ $one['says'] }}</a></li>@endforeach</ul>
    </section>
@endif
