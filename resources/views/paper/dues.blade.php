@extends('paper.sheet')
@section('style')
h2 { margin: 4mm 0 0.5mm; font-size: 10.5pt; }
.tag { width: 24mm; font-weight: bold; }
.kind { width: 27mm; }
.when { width: 25mm; }
.where { width: 38mm; }
.how { width: 34mm; border-bottom: 0.2mm solid #1d1a16; }
@endsection
@section('sheet')
<h1>{{ $title }}</h1>
<p class="muted">{{ $shop }}. As of {{ $today }}, up to {{ $to }}. The day is the last on which it holds.</p>
@if ($weeks === [])
<p>Nothing is due.</p>
@endif
@foreach ($weeks as $week => $dues)
<h2>{{ $week === '' ? 'Past' : 'Week of Monday, ' . $week }}</h2>
<table>
<thead><tr><th></th><th class="tag">Tag</th><th>Model</th><th class="kind">What</th><th class="when">By</th><th class="where">Where it is</th><th>Certificate</th></tr></thead>
<tbody>
@foreach ($dues as $due)
<tr>
<td><div class="tick"></div></td>
<td class="tag">{{ $due['tag'] }}</td>
<td>{{ $due['model'] }}</td>
<td class="kind">{{ $due['kind'] }}</td>
<td class="when">{{ $due['when'] }}</td>
<td class="where">{{ $due['where'] }}</td>
<td class="how"></td>
</tr>
@endforeach
</tbody>
</table>
@endforeach
@endsection
