<x-layout :title="'Files, '.$job->title">
    <main class="yard">
        <div class="yard-head"><h1>Files <span class="font-normal text-muted">· {{ $job->title }}</span></h1><a class="button" href="{{ route('jobs.resume', $job) }}">Back to the bench</a></div>
        @if ($taken = session('taken'))
            <div class="do-next is-in-range" role="status">
                <p>Imported completely.</p>
                @if ($taken['unknown'] !== [])<p>Not known here, kept, and exported again with the file: {{ implode(', ', $taken['unknown']) }}</p>@endif
            </div>
        @endif
        <div class="files">
            @foreach ([
                ['The whole job', 'Its rig, loads, service record, readings, photos: for another shop, or to keep. JSON, with a published schema.', route('files.json', $job), 'job-'.$job->id.'.json'],
                ['Readings', 'The tape log, a line each, for a spreadsheet.', route('files.readings', $job), 'readings-'.$job->id.'.csv'],
                ['Tickets', 'What the weighbridge said, a line each.', route('files.tickets', $job), 'tickets-'.$job->id.'.csv'],
                ['Drawing', 'The rig to scale as it was read last.', route('files.drawing', $job), 'drawing-'.$job->id.'.svg'],
                ['Card', 'One page for the owner.', route('card.pdf', [$job, 'a4']), 'card-'.$job->id.'.pdf'],
                ['Calendar', 'What falls due on this rig.', route('care.rig-calendar', $job->rig_id), 'care.ics'],
            ] as [$what, $why, $address, $name])
                <a class="card file" href="{{ $address }}"><strong>{{ $what }}</strong><span class="who">{{ $why }}</span><span class="file-name">{{ $name }}</span></a>
            @endforeach
        </div>
        <p class="sentence">A file holds names and heights of a customer's rig: treat it like the rig's papers. Private links are not in it.</p>
        <p><a class="button" href="{{ route('files.take') }}">Import a job</a></p>
    </main>
</x-layout>
