<x-trouble title="Not yours to open">You are signed in, but this page is not for you.</x-trouble>
