<x-layout :title="__('page/practice.team.team')" here="practice" sheet="practice">
    <main class="practice-record">
        <div class="yard-head"><h1>{{ __('page/practice.team.team') }}</h1></div>
        <section class="card" aria-label="{{ __('page/practice.team.team') }}"><div class="wide-table"><table class="figures">
            <thead><tr><th scope="col">{{ __('page/practice.team.person') }}</th><th scope="col">{{ __('page/practice.team.played') }}</th><th scope="col">{{ __('page/practice.team.passed') }}</th><th scope="col">{{ __('page/practice.record.strengths') }}</th><th scope="col">{{ __('page/practice.record.missed') }}</th><th scope="col">{{ __('page/practice.team.last') }}</th></tr></thead>
            <tbody>@foreach ($lines as $line)<tr><th scope="row"><a href="{{ route('practice.record', $line['person']) }}">{{ $line['person']->name }}</a></th><td>{{ $line['played'] }}</td><td>{{ $line['passed'] ?: '–' }}</td><td>{{ implode(', ', $line['strengths']) ?: '–' }}</td><td>{{ implode(', ', $line['missed']) ?: '–' }}</td><td>{{ $line['last']?->isoFormat('D MMM YYYY') ?? '–' }}</td></tr>@endforeach</tbody>
        </table></div></section>
    </main>
</x-layout>
