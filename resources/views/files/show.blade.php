<x-layout :title="__('page/files.show.files_2', ['title' => $job->title])">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/files.show.files') }} <span class="font-normal text-muted">· {{ $job->title }}</span></h1><a class="button" href="{{ route('jobs.resume', $job) }}">{{ __('page/files.show.back_to_the_bench') }}</a></div>
        @if ($taken = session('taken'))
            <div class="do-next is-in-range" role="status">
                <p>{{ __('page/files.show.imported_completely') }}</p>
                @if ($taken['unknown'] !== [])<p>{{ __('page/files.show.not_known_here_kept_and', ['unknown' => implode(', ', $taken['unknown'])]) }}</p>@endif
            </div>
        @endif
        <div class="files">
            @foreach ([
                [__('page/files.show.the_whole_job'), __('page/files.show.its_rig_loads_service_record'), route('files.json', $job), 'job-'.$job->id.'.json'],
                [__('page/files.show.readings'), __('page/files.show.the_tape_log_a_line'), route('files.readings', $job), 'readings-'.$job->id.'.csv'],
                [__('page/files.show.tickets'), __('page/files.show.what_the_weighbridge_said_a'), route('files.tickets', $job), 'tickets-'.$job->id.'.csv'],
                [__('page/files.show.drawing'), __('page/files.show.the_rig_to_scale_as'), route('files.drawing', $job), 'drawing-'.$job->id.'.svg'],
                [__('page/files.show.card'), __('page/files.show.one_page_for_the_owner'), route('card.pdf', [$job, 'a4']), 'card-'.$job->id.'.pdf'],
                [__('page/files.show.calendar'), __('page/files.show.what_falls_due_on_this'), route('care.rig-calendar', $job->rig_id), 'care.ics'],
            ] as [$what, $why, $address, $name])
                <a class="card file" href="{{ $address }}"><strong>{{ $what }}</strong><span class="who">{{ $why }}</span><span class="file-name">{{ $name }}</span></a>
            @endforeach
        </div>
        <p class="sentence">{{ __('page/files.show.a_file_holds_names_and') }}</p>
        <p><a class="button" href="{{ route('files.take') }}">{{ __('page/files.show.import_a_job') }}</a></p>
    </main>
</x-layout>
