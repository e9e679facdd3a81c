@props(['job', 'here'])
<div class="yard-head">
    <h1>{{ ['weigh' => __('page/components.weigh-tabs.weigh_station'), 'tongue' => __('page/components.weigh-tabs.tongue_weight'), 'loads' => __('page/components.weigh-tabs.load_planner')][$here] }} <span class="font-normal text-muted">· {{ $job->title }}</span></h1>
    <nav class="shelves" aria-label="{{ __('page/components.weigh-tabs.weights') }}">
        @foreach (['weigh' => __('page/components.weigh-tabs.tickets'), 'tongue' => __('page/components.weigh-tabs.tongue_weight'), 'loads' => __('page/components.weigh-tabs.loads')] as $route => $label)
            <a href="{{ route($route, $job) }}" @if ($route === $here) aria-current="page" @endif>{{ $label }}</a>
        @endforeach
    </nav>
    {{ $slot }}
    <a class="button" href="{{ route('jobs.resume', $job) }}">{{ __('page/components.weigh-tabs.back_to_the_bench') }}</a>
</div>
