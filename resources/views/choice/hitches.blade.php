@php($labels = ['reach' => __('page/choice.answer.reach'), 'step' => __('page/choice.answer.one_step'), 'bars' => __('page/choice.answer.bars_range'), 'held' => __('page/choice.answer.held'), 'first' => __('page/choice.answer.first'), 'year' => __('page/choice.answer.year'), 'hook_ups' => __('page/choice.answer.hook_ups'), 'clearance' => __('page/choice.answer.clearance'), 'sway' => __('page/choice.answer.sway_control')])
<section class="card" aria-label="{{ __('page/choice.answer.side_by_side') }}">
    <h2>{{ __('page/choice.answer.side_by_side') }}</h2>
    <p class="sentence">{{ __('page/choice.answer.aim', ['from' => $page->print->percent($page->choice->band->from), 'to' => $page->print->percent($page->choice->band->to)]) }}</p>
    <div class="wide-table">
        <table class="figures is-beside">
            <thead><tr><th></th>@foreach ($columns as $column)<th scope="col"><strong>{{ $column->name() }}</strong>
                @php($elevation = $column->elevation())
                <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 3.6)" :stances="[$elevation->latest()]" role="img" :aria-label="__('page/choice.answer.drawn', ['hitch' => $column->name()])" /></th>@endforeach</tr></thead>
            @php($lines = array_map(fn ($column) => $column->lines(), $columns))
            @foreach ($labels as $key => $label)
                <tr data-line="{{ $key }}"><th scope="row">{{ $label }}</th>@foreach ($lines as $line)<td>{{ $line[$key] }}</td>@endforeach</tr>
            @endforeach
        </table>
    </div>
</section>
