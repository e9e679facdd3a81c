@props(['job', 'here'])
<div class="yard-head">
    <h1>{{ ['weigh' => 'Weigh station', 'tongue' => 'Tongue weight', 'loads' => 'Load planner'][$here] }} <span class="font-normal text-muted">· {{ $job->title }}</span></h1>
    <nav class="shelves" aria-label="Weights">
        @foreach (['weigh' => 'Tickets', 'tongue' => 'Tongue weight', 'loads' => 'Loads'] as $route => $label)
            <a href="{{ route($route, $job) }}" @if ($route === $here) aria-current="page" @endif>{{ $label }}</a>
        @endforeach
    </nav>
    {{ $slot }}
    <a class="button" href="{{ route('jobs.resume', $job) }}">Back to the bench</a>
</div>
