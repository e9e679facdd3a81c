@if ($plan->described->assumptions() !== [])
    <ul class="assumptions" aria-label="Taken as usual">
        @foreach ($plan->described->assumptions() as $assumption)
            @php([$label, $part] = $plan->field($assumption->unlockedBy))
            <li><a href="{{ $plan->sheetOf($part) }}">{{ $assumption->says }} <span>{{ ucfirst($part->value) }}: {{ $label }} would tell.</span></a></li>
        @endforeach
    </ul>
@endif
