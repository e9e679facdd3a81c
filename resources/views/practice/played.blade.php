<table class="figures practice-played">
    <thead><tr><th scope="col">{{ __('page/practice.index.when') }}</th><th scope="col">{{ __('page/practice.index.code') }}</th><th scope="col">{{ __('page/practice.index.what') }}</th><th scope="col">{{ __('page/practice.index.points') }}</th><th scope="col">{{ __('page/practice.index.restored') }}</th></tr></thead>
    <tbody>
        @foreach ($page->over() as $run)
            <tr>
                <td>{{ $run->finished_at?->isoFormat('D MMM YYYY') }}</td>
                <td><a href="{{ route('practice.debrief', $run) }}">{{ $run->code }}</a></td>
                <td>{{ $run->rig_name ?? \App\Words\PracticeWords::level($run->exerciseCode()->level) }}</td>
                <td>{{ $run->debrief['points'] ?? '–' }}</td>
                <td>{{ round(100 * ($run->debrief['learner']['share'] ?? 0)) }} %@if (($run->debrief['learner']['breach'] ?? null) !== null), {{ lcfirst(__("practice.breach.{$run->debrief['learner']['breach']}.title")) }}@endif</td>
            </tr>
        @endforeach
    </tbody>
</table>
